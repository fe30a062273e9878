<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * A batch laid coat by coat: at each moment the first that may be laid, by rank. Each coat is laid in turn on the figures that
 * have it; what may be laid next is one figure for each coat.
 */
final readonly class BatchRun
{
    /**
     * @param  list<int>  $inTurn coats by rank, the first first
     * @param  array<int, list<int>>  $lacking by coat, places of the figures that do not have it
     */
    public function __construct(
        private Coats $coats,
        private BatchPath $path,
        private int $figures,
        private array $inTurn,
        private array $lacking = [],
    ) {
    }

    public function time(): PathTime
    {
        $waiting = $byHand = $now = 0.0;
        $dry = array_map(fn (int $place): array => array_fill_keys($this->lacking[$place] ?? [], 0.0), array_keys($this->coats->all));
        $on = array_map(static fn (array $has): int => self::next($has, 0), $dry);
        $ready = array_map(static fn (Coat $coat, int $figure): ?float => $coat->readyFrom($figure, $dry), $this->coats->all, $on);
        $open = array_combine($this->inTurn, $this->inTurn);
        $changes = 0;
        $paint = '';
        while ($open !== []) {
            $place = $this->taken($open, $ready, $on, $now);
            $coat = $this->coats->all[$place];
            $start = max($now, $ready[$place] ?? 0.0);
            $waiting += $start - $now;
            $byHand += $coat->minutes;
            $now = $start + $coat->minutes;
            $dry[$place][$on[$place]] = $now + $coat->dry;
            $on[$place] = self::next($dry[$place], $on[$place]);
            $changes += $coat->changesFrom($paint);
            $paint = $coat->paintAfter($paint);
            if (count($dry[$place]) === $this->figures) {
                unset($open[$place]);
            }
            foreach ([$place, ...$this->coats->waiting[$place]] as $other) {
                $ready[$other] = $this->coats->all[$other]->readyFrom($on[$other], $dry);
            }
        }

        return new PathTime($this->path, $byHand, $waiting, $changes);
    }

    /**
     * Of what may be laid now the first by path and rank; of what must dry, what is dry first.
     *
     * @param  array<int, int>  $open coats that some figure has not, by rank
     * @param  array<int, float|null>  $ready by coat
     * @param  array<int, int>  $on by coat, the figure that has it next
     */
    private function taken(array $open, array $ready, array $on, float $now): int
    {
        $next = 0;
        $from = INF;
        $figure = PHP_INT_MAX;
        foreach ($open as $place) {
            if ($ready[$place] === null) {
                continue;
            }
            $then = max($now, $ready[$place]);
            $who = $this->path === BatchPath::FigureByFigure ? $on[$place] : 0;
            if ($then < $from || ($then === $from && $who < $figure)) {
                [$next, $from, $figure] = [$place, $then, $who];
            }
            if ($from === $now && $figure === 0) {
                break;
            }
        }

        return $next;
    }

    /**
     * @param  array<int, float>  $has figures that have a coat
     * @return int the first that has not, from one on
     */
    private static function next(array $has, int $figure): int
    {
        while (isset($has[$figure])) {
            $figure++;
        }

        return $figure;
    }
}
