<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * A batch laid coat by coat: at each moment the first that may be laid, by rank. Figures are alike, so that each coat is laid
 * on them in turn; what may be laid next is one figure for each coat.
 */
final readonly class BatchRun
{
    /** @param  list<int>  $inTurn coats by rank, the first first */
    public function __construct(
        private Coats $coats,
        private BatchPath $path,
        private int $figures,
        private array $inTurn,
    ) {
    }

    public function time(): PathTime
    {
        $waiting = $byHand = $now = 0.0;
        $dry = array_fill(0, count($this->coats->all), []);
        $ready = array_map(static fn (Coat $coat): ?float => $coat->readyFrom(0, $dry), $this->coats->all);
        $open = array_combine($this->inTurn, $this->inTurn);
        $changes = 0;
        $paint = '';
        while ($open !== []) {
            $place = $this->next($open, $ready, $dry, $now);
            $coat = $this->coats->all[$place];
            $start = max($now, $ready[$place] ?? 0.0);
            $waiting += $start - $now;
            $byHand += $coat->minutes;
            $now = $start + $coat->minutes;
            $dry[$place][] = $now + $coat->dry;
            $changes += $coat->changesFrom($paint);
            $paint = $coat->paintAfter($paint);
            if (count($dry[$place]) === $this->figures) {
                unset($open[$place]);
            }
            foreach ([$place, ...$this->coats->waiting[$place]] as $other) {
                $ready[$other] = $this->coats->all[$other]->readyFrom(count($dry[$other]), $dry);
            }
        }

        return new PathTime($this->path, $byHand, $waiting, $changes);
    }

    /**
     * Of what may be laid now the first by path and rank; of what must dry, what is dry first.
     *
     * @param  array<int, int>  $open coats that some figure has not, by rank
     * @param  array<int, float|null>  $ready by coat
     * @param  array<int, list<float>>  $dry when each coat is dry, by figure
     */
    private function next(array $open, array $ready, array $dry, float $now): int
    {
        $next = 0;
        $from = INF;
        $figure = PHP_INT_MAX;
        foreach ($open as $place) {
            if ($ready[$place] === null) {
                continue;
            }
            $then = max($now, $ready[$place]);
            $on = $this->path === BatchPath::FigureByFigure ? count($dry[$place]) : 0;
            if ($then < $from || ($then === $from && $on < $figure)) {
                [$next, $from, $figure] = [$place, $then, $on];
            }
            if ($from === $now && $figure === 0) {
                break;
            }
        }

        return $next;
    }
}
