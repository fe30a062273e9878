<?php

declare(strict_types=1);

namespace Core\Quote;

/**
 * From the lines of a quote to what is to be paid. The discount is on the work, not on materials; the tax on both after it; what is
 * to be paid is rounded at the end. Whole amounts in the smallest unit of the currency. Common practice, no source.
 */
final readonly class Reckoning
{
    private function __construct(
        public int $work,
        public int $materials,
        public int $discount,
        public int $net,
        public int $tax,
        public int $rounding,
        public int $total,
    ) {
    }

    /**
     * @param  list<QuoteLine>  $lines
     * @param  list<int>  $materials amounts, each at least 0
     * @param  int  $roundTo at least 1: what is to be paid is a whole number of these, halves up
     */
    public static function of(array $lines, array $materials, Percent $discount, Percent $tax, int $roundTo = 1): self
    {
        $work = array_sum(array_map(static fn (QuoteLine $line): int => $line->sum(), $lines));
        $off = $discount->ofAmount($work);
        $net = $work - $off + array_sum($materials);
        $taxed = $net + $tax->ofAmount($net);
        $total = intdiv(2 * $taxed + $roundTo, 2 * $roundTo) * $roundTo;

        return new self($work, array_sum($materials), $off, $net, $taxed - $net, $total - $taxed, $total);
    }
}
