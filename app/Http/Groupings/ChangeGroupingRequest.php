<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Http\Shared\ApiRequest;

/** A grouping as it shall be, with the version that was read. */
final class ChangeGroupingRequest extends ApiRequest
{
    use GroupsOfFigures;

    public function rules(): array
    {
        return ['version' => ['required', 'integer'], ...self::GROUPS];
    }
}
