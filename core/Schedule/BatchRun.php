<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * A batch laid coat by coat: at each moment the first that may be laid, by rank. Figures are alike, so that each coat is laid
 * on them in turn; what may be laid next is one figure for each coat.
 */
final readonly class BatchRun
{
    /** @param  list<int>  $rank by coat */
    public function __construct(
        private Coats $coats,
        private BatchPath $path,
        private int $figures,
        private array $rank,
    ) {
    }

    public function time(): PathTime
    {
        $waiting = $byHand = $now = 0.0;
        $dry = array_fill(0, count($this->coats->all), []);
        $changes = 0;
        $paint = '';
        for ($left = $this->figures * count($dry); $left > 0; $left--) {
            [$place, $from] = $this->next($dry, $now);
            $coat = $this->coats->all[$place];
            $waiting += max(0.0, $from - $now);
            $byHand += $coat->minutes;
            $now = max($now, $from) + $coat->minutes;
            $dry[$place][] = $now + $coat->dry;
            foreach ($coat->paints as $one) {
                $changes += $one === $paint ? 0 : 1;
                $paint = $one;
            }
        }

        return new PathTime($this->path, $byHand, $waiting, $changes);
    }

    /**
     * @param  array<int, list<float>>  $dry when each coat is dry, by figure
     * @return array{int, float} the coat, and when it may be laid
     */
    private function next(array $dry, float $now): array
    {
        $next = [0, 0.0];
        $preferred = null;
        foreach ($this->coats->all as $place => $coat) {
            $from = count($dry[$place]) === $this->figures ? null : self::readyFrom($coat, count($dry[$place]), $dry);
            if ($from === null) {
                continue;
            }
            // All that is ready now is alike; of the rest, what is ready first.
            $preference = [max($now, $from), ...$this->path->preference($this->rank[$place], count($dry[$place]))];
            if ($preferred === null || $preference < $preferred) {
                [$next, $preferred] = [[$place, $from], $preference];
            }
        }

        return $next;
    }

    /**
     * When a coat may be laid on a figure; null where something must be laid on it before.
     *
     * @param  array<int, list<float>>  $dry
     */
    private static function readyFrom(Coat $coat, int $figure, array $dry): ?float
    {
        $from = 0.0;
        foreach ($coat->after as $after) {
            if (! isset($dry[$after][$figure])) {
                return null;
            }
            $from = max($from, $dry[$after][$figure]);
        }
        foreach ($coat->behind as $behind) {
            if (! isset($dry[$behind][$figure])) {
                return null;
            }
        }

        return $from;
    }
}
