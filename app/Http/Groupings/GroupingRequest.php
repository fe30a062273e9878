<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Http\Shared\ApiRequest;

/** A grouping that is not there yet. */
final class GroupingRequest extends ApiRequest
{
    use GroupsOfFigures;

    public function rules(): array
    {
        return self::GROUPS;
    }
}
