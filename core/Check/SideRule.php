<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Standard\Side;
use Core\Why;

/** What is seen only from a side that the tier does not count does not count. */
final readonly class SideRule
{
    public static function unlessUncounted(?Side $side, Judging $judging): ?Weight
    {
        if ($side === null || $judging->counts($side)) {
            return null;
        }
        $counted = implode(', ', array_column($judging->sides, 'value'));

        return new Weight(
            null,
            "Seen from {$side->value}, which this tier does not count.",
            new Why(['side' => $side->value, 'sides that count' => $counted], 'Only the sides that the tier counts are judged.', Why::STANDARD),
        );
    }
}
