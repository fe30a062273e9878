<?php

declare(strict_types=1);

namespace Core\Quote;

/** What a quote says of some figures, and what the one before it said; one of the two may be nothing. */
final readonly class LineChange
{
    /**
     * @param  list<QuoteLine>  $before of one unit
     * @param  list<QuoteLine>  $after of the same
     */
    private function __construct(
        public string $unit,
        public array $before,
        public array $after,
    ) {
    }

    /**
     * @param  list<QuoteLine>  $before
     * @param  list<QuoteLine>  $after
     * @return list<self> units of which something else is said, in the order of the later quote; those that are gone last
     */
    public static function between(array $before, array $after): array
    {
        $changes = [];
        foreach (array_unique([...array_column($after, 'unit'), ...array_column($before, 'unit')]) as $unit) {
            $ofUnit = static fn (QuoteLine $line): bool => $line->unit === $unit;
            $was = array_values(array_filter($before, $ofUnit));
            $is = array_values(array_filter($after, $ofUnit));
            if ($was != $is) {
                $changes[] = new self($unit, $was, $is);
            }
        }

        return $changes;
    }
}
