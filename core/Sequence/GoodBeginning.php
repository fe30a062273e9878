<?php

declare(strict_types=1);

namespace Core\Sequence;

/** An order to begin with: at each place the step after which least must be tidied, as far as can be told. */
final readonly class GoodBeginning
{
    public function __construct(
        private Tracks $tracks,
        private TidyBound $bound,
    ) {
    }

    /** @return list<int> */
    public function order(): array
    {
        $laid = LaidSoFar::nothing($this->tracks);
        while (! $laid->isDone()) {
            $best = null;
            $least = INF;
            foreach ($laid->ready() as $step) {
                $next = $laid->after($step);
                // The bound only adds to it.
                if ($next->minutes >= $least) {
                    continue;
                }
                $minutes = $next->minutes + $this->bound->of($next);
                if ($best === null || $minutes < $least) {
                    [$best, $least] = [$next, $minutes];
                }
            }
            $laid = $best ?? throw new \LogicException('Steps of a partial order can always be gone on with.');
        }

        return $laid->order();
    }
}
