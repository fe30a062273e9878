<?php

declare(strict_types=1);

namespace Tests\Core\Support;

/**
 * The least tidying of a figure as a mixed-integer program: which step comes before which, and which area is tidied
 * between which of its steps.
 *
 * @phpstan-import-type HandStep from EveryOrder
 */
final readonly class TidyProgram
{
    public function __construct(
        private HandSteps $of,
        private float $fixed,
        private float $share,
    ) {
    }

    /** In the format of CPLEX LP files. */
    public function text(): string
    {
        $rows = [...$this->edges(), ...$this->transitivity()];
        $costs = $binary = [];
        foreach (array_keys($this->of->neighbours) as $area) {
            [$gaps, $of] = $this->gaps($area);
            $rows = [...$rows, ...$of];
            $costs += $gaps;
        }
        for ($i = 0; $i < count($this->of->steps); $i++) {
            for ($j = $i + 1; $j < count($this->of->steps); $j++) {
                $binary[] = "y_{$i}_{$j}";
            }
        }
        $terms = array_map(static fn (string $name, float $cost): string => sprintf('%.9F %s', $cost, $name), array_keys($costs), $costs);
        $named = array_map(static fn (int $i, string $row): string => "r{$i}: {$row}", array_keys($rows), $rows);

        return "Minimize\n obj: ".implode(' + ', ['0 zero', ...$terms])."\nSubject To\n none: zero = 0\n ".implode("\n ", $named)."\nBinary\n ".implode(' ', [...$binary, ...array_keys($costs)])."\nEnd\n";
    }

    /** @return list<string> */
    private function edges(): array
    {
        return array_map(fn (array $edge): string => self::sum([[1, $edge[0], $edge[1]]], '>=', 1), $this->of->edges);
    }

    /** @return list<string> that i comes before k where it comes before j and j before k */
    private function transitivity(): array
    {
        $rows = [];
        $many = count($this->of->steps);
        for ($i = 0; $i < $many; $i++) {
            for ($j = 0; $j < $many; $j++) {
                for ($k = 0; $k < $many; $k++) {
                    if (count(array_unique([$i, $j, $k])) === 3) {
                        $rows[] = self::sum([[1, $i, $j], [1, $j, $k], [-1, $i, $k]], '<=', 1);
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * What it costs to tidy the area between two steps that follow each other on it, and that it is tidied where it is soiled there.
     *
     * @return array{array<string, float>, list<string>}
     */
    private function gaps(string $area): array
    {
        $on = $this->following($area);
        $costs = $rows = [];
        $laid = [];
        foreach ([null, ...$on] as $gap => $after) {
            $laid = $after === null || $this->of->steps[$after]['area'] !== $area ? $laid : [...$laid, $after];
            foreach ($this->soilers($area, $laid) as $by) {
                $costs["z_{$area}_{$gap}"] = $this->fixed + $this->share * EveryOrder::again(array_map(fn (int $i): array => $this->of->steps[$i], $laid));
                $between = [...($after === null ? [] : [[1, $after, $by]]), ...(isset($on[$gap]) ? [[1, $by, $on[$gap]]] : [])];
                $rows[] = self::sum($between, '<=', count($between) - 1, "z_{$area}_{$gap}");
            }
        }

        return [$costs, $rows];
    }

    /** @return list<int> what counts as a step on an area, in the order that the edges give */
    private function following(string $area): array
    {
        $on = array_keys(array_filter($this->of->steps, fn (array $step, int $i): bool => $step['area'] === $area || in_array($area, $this->of->over[$i] ?? [], true), ARRAY_FILTER_USE_BOTH));
        // The order found keeps every edge, and the edges leave no other order among these.
        usort($on, fn (int $a, int $b): int => array_search($a, $this->of->order, true) <=> array_search($b, $this->of->order, true));

        return $on;
    }

    /**
     * @param  list<int>  $laid of the area's own steps
     * @return list<int> steps that soil it then
     */
    private function soilers(string $area, array $laid): array
    {
        $hasPaint = array_filter($laid, fn (int $i): bool => EveryOrder::isPaint($this->of->steps[$i])) !== [];
        $soils = function (array $step) use ($area, $laid): bool {
            foreach ($this->of->steps as $i => $later) {
                if ($later['area'] === $area && ! in_array($i, $laid, true) && ($later['covers'] || $later['technique'] === $step['technique'])) {
                    return false;
                }
            }

            return $step['messy'] && in_array($step['area'], $this->of->neighbours[$area], true);
        };

        return $hasPaint ? array_keys(array_filter($this->of->steps, $soils)) : [];
    }

    /** @param  list<array{int, int, int}>  $terms factor, and the step that comes before the other */
    private static function sum(array $terms, string $sign, int $bound, string $less = ''): string
    {
        $text = '';
        foreach ($terms as [$factor, $first, $second]) {
            // y_j_i is 1 - y_i_j.
            $text .= sprintf(' %+d %s', $first < $second ? $factor : -$factor, 'y_'.min($first, $second).'_'.max($first, $second));
            $bound -= $first < $second ? 0 : $factor;
        }

        return ltrim($text.($less === '' ? '' : " - {$less}"))." {$sign} {$bound}";
    }
}
