<?php

declare(strict_types=1);

namespace Core\Sequence;

/** The lines of a sheet that figures share, each with who has it. */
final readonly class SheetLines
{
    /**
     * @param  list<non-empty-array<int, PlannedStep|TidyBack>>  $all in order; by those that share the sheet, with their own reasons and their own tidying
     * @param  list<int>  $order numbers of the steps of all of them together, as they come
     * @param  list<GaveWay>  $gaveWay what would have closed a ring, on some of them
     */
    public function __construct(
        public array $all,
        public array $order,
        public array $gaveWay,
    ) {
    }

    /**
     * Whether one sheet saves more than it costs: a paint is taken once for what all have, and the one order may make some tidy
     * what they would not have soiled in their own.
     *
     * @param  list<float>  $alone minutes of tidying on one figure in its own order, by those that share the sheet
     * @param  list<int>  $figures how many of each
     * @param  float  $change minutes to take another paint
     */
    public function saves(array $alone, array $figures, float $change): bool
    {
        $cost = 0.0;
        foreach ($alone as $who => $minutes) {
            $cost += $figures[$who] * ($this->tidyMinutes($who) - $minutes);
        }
        $common = array_sum(array_map(static fn (array $line): int => count($line) - 1, $this->all));

        return $cost <= $change * $common;
    }

    /** Minutes of tidying back on one figure of some that share the sheet. */
    public function tidyMinutes(int $who): float
    {
        $minutes = 0.0;
        foreach ($this->all as $line) {
            $item = $line[$who] ?? null;
            $minutes += $item instanceof TidyBack ? $item->minutes : 0.0;
        }

        return $minutes;
    }

    /** Of figures that are painted alike. */
    public static function ofOne(Work $work): self
    {
        return new self(array_map(static fn (PlannedStep|TidyBack $item): array => [$item], $work->items), $work->order(), $work->gaveWay);
    }
}
