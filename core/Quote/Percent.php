<?php

declare(strict_types=1);

namespace Core\Quote;

use Core\Standard\OutOfRange;

/** A share of an amount in thousandths of a percent, whole: 12.5 % is 12,500. Amounts stay whole, so nothing is lost on the way. */
final readonly class Percent
{
    private const WHOLE = 100_000;

    private function __construct(public int $thousandths)
    {
    }

    /** @param  float  $percent 0 to 100; what is finer than a thousandth is rounded */
    public static function of(float $percent): self
    {
        if ($percent < 0.0 || $percent > 100.0) {
            throw OutOfRange::outside('percent', '0 to 100', $percent);
        }

        return new self((int) round($percent * 1000));
    }

    /**
     * @param  int  $amount in the smallest unit of a currency, at least 0 and at most 10^13
     * @return int halves are rounded up
     */
    public function ofAmount(int $amount): int
    {
        return intdiv($amount * $this->thousandths + intdiv(self::WHOLE, 2), self::WHOLE);
    }

    public function percent(): float
    {
        return $this->thousandths / 1000;
    }
}
