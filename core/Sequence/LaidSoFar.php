<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A figure in the middle of its work: how far each track is, what is soiled, and the minutes of tidying until now. */
final readonly class LaidSoFar
{
    /**
     * @param  list<int>  $counts steps laid, by track
     * @param  array<int, true>  $soiled tracks that wait to be tidied; their minutes are counted
     * @param  int|null  $last the step laid last
     */
    private function __construct(
        private Tracks $tracks,
        public array $counts,
        public array $soiled,
        public float $minutes,
        public ?int $last = null,
        private ?self $before = null,
    ) {
    }

    public static function nothing(Tracks $tracks): self
    {
        return new self($tracks, array_fill(0, count($tracks->steps), 0), [], 0.0);
    }

    public function after(int $step): self
    {
        [$counts, $soiled, $more] = $this->tracks->lay($step, $this->counts, $this->soiled);

        return new self($this->tracks, array_values($counts), $soiled, $this->minutes + array_sum($more), $step, $this);
    }

    /** @return list<int> steps that may come next */
    public function ready(): array
    {
        $ready = [];
        foreach ($this->tracks->steps as $track => $steps) {
            $next = $steps[$this->counts[$track]] ?? null;
            if ($next !== null && $this->hasAllFor($next)) {
                $ready[] = $next;
            }
        }

        return $ready;
    }

    /** Whether all is laid on other tracks that the next step of one waits for. */
    private function hasAllFor(int $step): bool
    {
        foreach ($this->tracks->needs[$step] as $other => $laid) {
            if ($this->counts[$other] < $laid) {
                return false;
            }
        }

        return true;
    }

    public function isDone(): bool
    {
        return array_sum($this->counts) === $this->tracks->count();
    }

    /** Equal where all that may come is the same. */
    public function key(): string
    {
        $soiled = array_keys($this->soiled);
        sort($soiled);

        return pack('C*', ...$this->counts).pack('C*', ...$soiled);
    }

    /** @return list<int> steps in the order they were laid */
    public function order(): array
    {
        $order = [];
        for ($at = $this; $at->last !== null && $at->before !== null; $at = $at->before) {
            $order[] = $at->last;
        }

        return array_reverse($order);
    }
}
