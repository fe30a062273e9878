<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * The order in which least is tidied back: proven for small figures, and for larger ones as good as can be found in a
 * part of a second. Nothing is left to chance: the same figure has the same order each time.
 */
final readonly class LeastTidying
{
    /** Raised whenever another order may be found for the same figure. */
    public const VERSION = 1;

    /** Up to so many steps it is always proven. */
    public const PROVEN_TO = 12;

    /** Beginnings that are looked at for a proof of larger figures, times their steps. */
    private const PROOF = 4_000;

    /** Orders that are tried for larger figures, times their steps. */
    private const TRIES = 1_000_000;

    /** So often nothing better is found before it is taken for the best. */
    private const PATIENCE = 30;

    /** Steps that are thrown about before an order is made better once more. */
    private const KICKS = 4;

    private TidyBound $bound;

    public function __construct(private Tracks $tracks)
    {
        $this->bound = new TidyBound($tracks);
    }

    /** @return list<int> the steps that decide it, in order */
    public function order(): array
    {
        $many = $this->tracks->count();
        if ($many === 0) {
            return [];
        }
        $begun = (new GoodBeginning($this->tracks, $this->bound))->order();
        $order = $this->oftenRearranged(new TidiedOrder($this->tracks, $begun), intdiv(self::TRIES, $many));
        $better = $this->under($order->minutes, LaidSoFar::nothing($this->tracks));

        return $better instanceof LaidSoFar ? $better->order() : $order->order;
    }

    /**
     * An order of what is left that takes no more than so many minutes in all.
     *
     * @return list<int>|null null where there is none
     */
    public function orderWithin(float $minutes, LaidSoFar $from): ?array
    {
        $found = $this->under($minutes + 2e-9, $from);

        return $found instanceof LaidSoFar ? array_slice($found->order(), array_sum($from->counts)) : null;
    }

    private function oftenRearranged(TidiedOrder $order, int $tries): TidiedOrder
    {
        $rearranging = new TidyRearranging($this->tracks);
        [$best, $left] = $rearranging->better($order, $tries);
        // Nothing to tidy cannot be made better, and a small figure is proven in less time.
        for ($turn = $since = 0; $best->minutes > 0 && $left > 0 && $since < self::PATIENCE && $this->tracks->count() > self::PROVEN_TO; $turn++, $since++) {
            $other = $best;
            for ($kick = 0; $kick < self::KICKS; $kick++) {
                // A series that comes to every pair of steps before it begins anew.
                $other = $rearranging->kicked($other, ($turn * self::KICKS + $kick) * 2_654_435_761 % 1_000_003);
            }
            [$other, $left] = $rearranging->better($other, $left - 1);
            $since = $best->isBetter($other->minutes) ? 0 : $since;
            $best = $other->minutes <= $best->minutes ? $other : $best;
        }

        return $best;
    }

    private function under(float $minutes, LaidSoFar $from): LaidSoFar|false|null
    {
        $many = $this->tracks->count();

        return (new TidyProof($this->bound, $many <= self::PROVEN_TO ? PHP_INT_MAX : intdiv(self::PROOF, $many)))->under($minutes, $from);
    }
}
