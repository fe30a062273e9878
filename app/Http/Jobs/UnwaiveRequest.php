<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** What was agreed is taken back: for whom it was agreed, or for these figures, for each of which the same was. */
final class UnwaiveRequest extends ApiRequest
{
    use OfSomeFigures;

    public function rules(): array
    {
        return ['version' => ['required', 'integer'], ...self::SOME_FIGURES];
    }
}
