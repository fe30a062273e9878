<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * How many figures are enough at once: the first is dry when the last is done, wherever something else can be laid meanwhile.
 * More of them only add tedium and drift. Common practice; that a tenth of the work may wait is ours.
 */
final readonly class BatchSize
{
    /** Of the work by hand: less waiting than this is none that anybody minds. */
    public const MAY_WAIT = 0.1;

    /** Nobody has more of them on the table. */
    public const MOST = 24;

    /** @return int|null the fewest, painted step by step; null where even the most would wait */
    public static function enough(Coats $coats): ?int
    {
        $times = new BatchTimes($coats);
        for ($figures = 1; $figures <= self::MOST; $figures++) {
            $time = $times->along(BatchPath::StepByStep, $figures);
            if ($time->waiting <= self::MAY_WAIT * $time->byHand) {
                return $figures;
            }
        }

        return null;
    }
}
