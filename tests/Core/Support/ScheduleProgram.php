<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Schedule\Batch;

/** The shortest schedule of a small batch as a mixed-integer program: which operation stands at which place, and when it begins. */
final readonly class ScheduleProgram
{
    /** Longer than any schedule that is asked for. */
    private const LONG = 2000;

    public static function of(Batch $batch): string
    {
        $operations = [];
        for ($step = 0; $step < count($batch->steps); $step++) {
            for ($model = 0; $model < $batch->models; $model++) {
                $operations[] = [$step, $model];
            }
        }
        $rows = [...self::places(count($operations)), ...self::times($batch, $operations), ...self::drying($batch, $operations)];
        $binary = [];
        foreach (array_keys($operations) as $o) {
            foreach (array_keys($operations) as $k) {
                $binary[] = "x_{$o}_{$k}";
            }
        }
        $named = array_map(static fn (int $i, string $row): string => "r{$i}: {$row}", array_keys($rows), $rows);

        return "Minimize\n obj: last\nSubject To\n ".implode("\n ", $named)."\nBinary\n ".implode(' ', $binary)."\nEnd\n";
    }

    /** @return list<string> each operation at one place, each place with one operation */
    private static function places(int $many): array
    {
        $rows = [];
        for ($i = 0; $i < $many; $i++) {
            $rows[] = implode(' + ', array_map(static fn (int $k): string => "x_{$i}_{$k}", range(0, $many - 1))).' = 1';
            $rows[] = implode(' + ', array_map(static fn (int $o): string => "x_{$o}_{$i}", range(0, $many - 1))).' = 1';
        }

        return $rows;
    }

    /**
     * What stands at a place begins when that before it has ended, and is set up for where the step is another.
     *
     * @param  list<array{int, int}>  $operations
     * @return list<string>
     */
    private static function times(Batch $batch, array $operations): array
    {
        $rows = [];
        for ($k = 0; $k <= count($operations); $k++) {
            $before = $k === 0 ? '' : ' - t_'.($k - 1);
            foreach ($k === 0 ? [] : $operations as $o => [$step]) {
                $before .= sprintf(' - %.6F x_%d_%d', $batch->steps[$step]->minutes, $o, $k - 1);
            }
            $rows[] = $k === count($operations) ? "last{$before} >= 0" : "t_{$k}{$before} - w_{$k} >= 0";
            foreach ($k === count($operations) ? [] : array_keys($batch->steps) as $step) {
                $setup = '';
                foreach ($operations as $o => [$own]) {
                    $setup .= $own !== $step ? '' : sprintf(' - %.6F x_%d_%d', $batch->steps[$step]->setup, $o, $k).($k === 0 ? '' : sprintf(' + %.6F x_%d_%d', $batch->steps[$step]->setup, $o, $k - 1));
                }
                $rows[] = "w_{$k}{$setup} >= 0";
            }
        }

        return $rows;
    }

    /**
     * @param  list<array{int, int}>  $operations
     * @return list<string>
     */
    private static function drying(Batch $batch, array $operations): array
    {
        $rows = [];
        foreach ($operations as $o => [$step, $model]) {
            foreach (array_keys($operations) as $k) {
                $rows[] = sprintf('s_%1$d - t_%2$d - %3$d x_%1$d_%2$d >= -%3$d', $o, $k, self::LONG);
                $rows[] = sprintf('s_%1$d - t_%2$d + %3$d x_%1$d_%2$d <= %3$d', $o, $k, self::LONG);
            }
            foreach ($batch->list->before[$step] as $before) {
                $first = (int) array_search([$before, $model], $operations, true);
                $rows[] = sprintf('s_%d - s_%d >= %.6F', $o, $first, $batch->steps[$before]->minutes + $batch->steps[$before]->dry);
            }
        }

        return $rows;
    }
}
