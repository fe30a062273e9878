<?php

declare(strict_types=1);

namespace Core\Quote;

use Core\Composition\Agreement;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\Origin;
use Core\Standard\Tier;

/**
 * What a figure costs: the price of its tier, and with it what was agreed for more and for less.
 *
 * Priced by list, its tier's price stands whatever is added; by hours, what is added takes its minutes, unless it has
 * a price of its own. What is left out takes no minutes. A figure costs nothing at least. Common practice, no source.
 */
final readonly class FigurePrice
{
    /**
     * @param  int  $tier by list or by hours, in the smallest unit of the currency
     * @param  int  $added sum of the prices agreed for additions
     * @param  int  $leftOut sum of what was agreed for what is left out; it is taken off
     */
    private function __construct(
        public int $tier,
        public int $added,
        public int $leftOut,
    ) {
    }

    /** Of a figure that came finished: what is agreed for judging it is agreed by hand. */
    public static function nothing(): self
    {
        return new self(0, 0, 0);
    }

    /**
     * @param  Tier|null  $from at which it was finished before; by list the difference of both is charged, by hours what is painted
     * @return self|null null where its tier has no price for its size, or one by hours for work that nobody has settled: it is agreed by hand
     */
    public static function of(Tier $tier, string $sizeClass, Figure $figure, Composition $composition, ?Tier $from = null): ?self
    {
        if ($tier->terms->price?->hourly !== null && $composition->undecided !== []) {
            return null;
        }
        $own = [];
        $added = 0;
        foreach ($figure->additions as $addition) {
            $price = $addition->agreed?->agreement?->price;
            if ($price !== null) {
                $own["{$addition->area}\n{$addition->use->id}"] = true;
                $added += $price;
            }
        }
        $minutes = 0.0;
        foreach ($composition->uses as $use) {
            $minutes += $use->origin === Origin::Addition && isset($own["{$use->area->id}\n{$use->use->id}"]) ? 0.0 : $use->minutes;
        }
        $byTier = self::byTier($tier, $from, $sizeClass, $minutes);

        return $byTier === null ? null : new self($byTier, $added, self::agreed(array_column($figure->waivers, 'agreement')));
    }

    private static function byTier(Tier $tier, ?Tier $from, string $sizeClass, float $minutes): ?int
    {
        $price = $tier->terms->price;
        $whole = $price?->of($sizeClass, $minutes);
        if ($from === null || $price === null || $whole === null || $price->hourly !== null) {
            return $whole;
        }
        $paid = $from->terms->price?->hourly === null ? $from->terms->price?->of($sizeClass, 0.0) : null;

        return $paid === null ? null : max(0, $whole - $paid);
    }

    public function sum(): int
    {
        return max(0, $this->tier + $this->added - $this->leftOut);
    }

    /** @param  list<Agreement|null>  $agreements */
    private static function agreed(array $agreements): int
    {
        return array_sum(array_map(static fn (?Agreement $agreement): int => $agreement->price ?? 0, $agreements));
    }
}
