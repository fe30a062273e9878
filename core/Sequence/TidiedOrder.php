<?php

declare(strict_types=1);

namespace Core\Sequence;

/** An order of the steps of the tracks, and what must be tidied in it. */
final readonly class TidiedOrder
{
    private const ALIKE = 1e-9;

    public float $minutes;

    /** @var list<array{int, int}> each step that soils a track which was clean, with that track */
    public array $tidied;

    /** @var array<int, int> place by step */
    public array $place;

    /** @var list<array<int, int>> before each place, steps laid by track */
    private array $counts;

    /** @var list<array<int, true>> before each place, tracks that wait to be tidied */
    private array $soiled;

    /** @var list<float> before each place, minutes until then */
    private array $until;

    /** @param  list<int>  $order of all steps */
    public function __construct(
        private Tracks $tracks,
        public array $order,
    ) {
        $counts = array_fill(0, count($tracks->steps), 0);
        $soiled = [];
        $minutes = 0.0;
        $tidied = $allCounts = $allSoiled = $until = [];
        foreach ($order as $step) {
            $allCounts[] = $counts;
            $allSoiled[] = $soiled;
            $until[] = $minutes;
            [$counts, $soiled, $more] = $tracks->lay($step, $counts, $soiled);
            foreach ($more as $track => $takes) {
                $minutes += $takes;
                $tidied[] = [$step, $track];
            }
        }
        $this->minutes = $minutes;
        $this->tidied = $tidied;
        $this->place = array_flip($order);
        $this->counts = $allCounts;
        $this->soiled = $allSoiled;
        $this->until = $until;
    }

    /**
     * Minutes of the order with some of its steps in a row laid in another order.
     *
     * @param  list<int>  $others
     * @param  int  $first place of the first of them, from 0
     */
    public function with(array $others, int $first): float
    {
        $counts = $this->counts[$first];
        $soiled = $this->soiled[$first];
        $minutes = $this->until[$first];
        $behind = $first + count($others);
        foreach ($others as $step) {
            [$counts, $soiled, $more] = $this->tracks->lay($step, $counts, $soiled);
            $minutes += array_sum($more);
        }
        for ($at = $behind; $at < count($this->order); $at++) {
            // From here on all is as it was.
            if ($soiled === $this->soiled[$at] || (count($soiled) === count($this->soiled[$at]) && array_diff_key($soiled, $this->soiled[$at]) === [])) {
                return $minutes + $this->minutes - $this->until[$at];
            }
            [$counts, $soiled, $more] = $this->tracks->lay($this->order[$at], $counts, $soiled);
            $minutes += array_sum($more);
        }

        return $minutes;
    }

    /** @param  list<int>  $others */
    public function changed(array $others, int $first): self
    {
        return new self($this->tracks, [...array_slice($this->order, 0, $first), ...$others, ...array_slice($this->order, $first + count($others))]);
    }

    public function isBetter(float $minutes): bool
    {
        return $minutes < $this->minutes - self::ALIKE;
    }
}
