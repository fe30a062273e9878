<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\Check;
use Carbon\CarbonImmutable;

/** How long a check was open. */
final readonly class CheckTime
{
    /** In minutes, to the tenth. */
    public static function minutes(Check $check, CarbonImmutable $until): float
    {
        $seconds = $check->created_at === null ? 0 : max(0, $until->getTimestamp() - $check->created_at->getTimestamp());

        return round($seconds / 60, 1);
    }
}
