<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Models\Quote;
use App\Models\StudioScope;

/** The quote that a later one took the place of. */
final readonly class EarlierQuote
{
    public static function of(Quote $quote): ?Quote
    {
        // Its reader may have come by a link, and be in no studio; a job is of one.
        return Quote::query()->withoutGlobalScope(StudioScope::class)->where('job_id', $quote->job_id)->where('number', '<', $quote->number)->orderByDesc('number')->first();
    }
}
