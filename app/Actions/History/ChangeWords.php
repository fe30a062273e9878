<?php

declare(strict_types=1);

namespace App\Actions\History;

/**
 * What was done to a job, in sentences, with the names that things have now.
 */
final readonly class ChangeWords
{
    private const COLUMNS = [
        'name' => 'name', 'client' => 'client', 'force_id' => 'force', 'notes' => 'notes', 'purpose' => 'to be', 'due' => 'due', 'state' => 'state', 'note' => 'note',
        'tier_id' => 'tier', 'painter_id' => 'painter', 'scheme_id' => 'scheme', 'figure_type_id' => 'figure type', 'leader' => 'leads',
        'number' => 'number', 'reason' => 'reason', 'agreed_with' => 'agreed with', 'choice' => 'school', 'technique' => 'by',
    ];

    /** What is not told in a word. */
    private const OTHER = ['schools' => 'other schools', 'left_to_studio' => 'what the client leaves to the studio', 'price' => 'another price', 'value' => 'another list'];

    private NamesOfRows $names;

    /** @param  list<RowChange>  $changes */
    public function __construct(private array $changes, private JobRows $before, private JobRows $after)
    {
        $this->names = NamesOfRows::in($changes);
    }

    /** @return list<string> */
    public function sentences(): array
    {
        $wide = $within = [];
        foreach ($this->changes as $change) {
            match ($change->table) {
                'figures', 'groupings', 'grouped_figures' => null,
                'jobs' => $wide[] = $this->otherwise('The job', $change),
                'units' => $wide[] = $this->ofUnit($change),
                'job_requirements' => $within[] = $this->ofList($change),
                default => $within[] = $this->ofArea($change),
            };
        }

        $sentences = [...array_values(array_filter($wide)), ...$this->ofFigures(), ...$within, ...$this->ofGroupings()];

        return $sentences === [] && $this->changes !== [] ? ['The units stand in another order.'] : $sentences;
    }

    private function ofUnit(RowChange $change): ?string
    {
        $name = $this->unit($change->id);

        return match (true) {
            $change->before === null => "{$name}: taken into the job at {$this->names->of('tier_id', $change->after['tier_id'] ?? null)}.",
            $change->after === null => "{$name}: taken out of the job.",
            default => $this->otherwise($name, $change),
        };
    }

    /**
     * Figures of one unit of which the same is said stand in one sentence.
     *
     * @return list<string>
     */
    private function ofFigures(): array
    {
        $alike = [];
        foreach ($this->changes as $change) {
            if ($change->table !== 'figures') {
                continue;
            }
            $row = $this->after->rows['figures'][$change->id] ?? $this->before->rows['figures'][$change->id];
            $from = $this->unit((int) ($this->before->rows['figures'][$change->id]['unit_id'] ?? $row['unit_id']));
            $said = match (true) {
                $change->before === null => ($row['raises_id'] ?? null) === null ? 'taken in' : 'comes back to be raised',
                $change->after === null => 'taken away',
                $change->differs('unit_id') => 'moved to '.$this->unit((int) $row['unit_id']),
                default => implode(', ', $this->columns($change)),
            };
            // Of a figure that was moved, the number by which it was known.
            $alike[$from][$said][] = (int) ($this->before->rows['figures'][$change->id]['number'] ?? $row['number']);
        }
        $sentences = [];
        foreach ($alike as $unit => $said) {
            foreach ($said as $words => $numbers) {
                sort($numbers);
                $sentences[] = sprintf('%s, %s: %s.', $unit, self::numbered($numbers), $words);
            }
        }

        return $sentences;
    }

    private function ofArea(RowChange $change): string
    {
        $row = ($this->after->rows[$change->table][$change->id] ?? []) + ($this->before->rows[$change->table][$change->id] ?? []);
        $figure = $row['figure_id'] ?? null;
        $number = $figure === null ? null : $this->after->rows['figures'][(int) $figure]['number'] ?? $this->before->rows['figures'][(int) $figure]['number'] ?? null;
        $where = $this->unit((int) ($row['unit_id'] ?? 0)).($number === null ? '' : ", figure {$number}").', '.$this->names->of('figure_area_id', $row['figure_area_id'] ?? null);
        $what = match ($change->table) {
            'area_tiers' => 'tier '.$this->names->of('tier_id', $row['tier_id'] ?? null),
            'area_schools' => "school of {$row['question']}: {$row['choice']}",
            'choices' => "\"{$row['use']}\" by {$row['technique']}",
            default => match ($row['kind'] ?? '') {
                'waiver' => "\"{$row['use']}\" left out",
                'addition' => "\"{$row['use']}\" of {$this->names->of('tier_id', $row['tier_id'] ?? null)} added",
                'lacks' => 'missing on the sculpt',
                default => 'agreed that nothing is asked',
            },
        };
        $why = ($row['reason'] ?? '') === '' ? '' : ", {$row['reason']}";

        return match (true) {
            $change->before === null => "{$where}: {$what}{$why}.",
            $change->after === null => "{$where}: no longer {$what}.",
            default => "{$where}: {$what}; ".implode(', ', $this->columns($change)).'.',
        };
    }

    private function ofList(RowChange $change): string
    {
        $row = $this->after->rows['job_requirements'][$change->id] ?? $this->before->rows['job_requirements'][$change->id];
        $verb = match (true) {
            $change->before === null => 'written',
            $change->after === null => 'taken away',
            default => 'written anew',
        };

        return "The job's own list of {$row['tier']}, {$row['surface']}: {$verb}.";
    }

    /** @return list<string> one for each grouping of which something is otherwise */
    private function ofGroupings(): array
    {
        $moved = $named = [];
        foreach ($this->changes as $change) {
            if ($change->table === 'grouped_figures') {
                $row = ($change->before ?? []) + ($change->after ?? []) + ($this->after->rows['grouped_figures'][$change->id] ?? []);
                $moved[(int) ($row['grouping_id'] ?? 0)][$row['figure_id'] ?? 0] = true;
            } elseif ($change->table === 'groupings') {
                $named[$change->id] = match (true) {
                    $change->before === null => 'made',
                    $change->after === null => 'taken away',
                    default => implode(', ', $this->columns($change)),
                };
            }
        }
        $sentences = [];
        foreach ($named + $moved as $id => $any) {
            $name = $this->after->rows['groupings'][$id]['name'] ?? $this->before->rows['groupings'][$id]['name'] ?? 'one that is gone';
            $figures = count($moved[$id] ?? []);
            $said = array_filter([$named[$id] ?? '', $figures === 0 ? '' : $figures.' figure'.($figures === 1 ? '' : 's').' otherwise'], static fn (string $words): bool => $words !== '');
            $sentences[] = "Grouping {$name}: ".implode(', ', $said).'.';
        }

        return $sentences;
    }

    private function otherwise(string $what, RowChange $change): ?string
    {
        $columns = $this->columns($change);

        return $columns === [] ? null : "{$what}: ".implode(', ', $columns).'.';
    }

    /** @return list<string> */
    private function columns(RowChange $change): array
    {
        $said = [];
        // That a unit makes room for another in the list is not worth a sentence.
        foreach (array_diff_key($change->after ?? [], ['position' => 0]) as $column => $value) {
            $said[] = match (true) {
                isset(self::OTHER[$column]) => self::OTHER[$column],
                $column === 'elsewhere' => $value === 1 ? 'came finished, painted elsewhere' : 'painted here',
                $column === 'leader' => $value === 1 ? 'leads' : 'leads no more',
                default => sprintf('%s %s, was %s', self::COLUMNS[$column] ?? $column, $this->names->of($column, $value), $this->names->of($column, $change->before[$column] ?? null)),
            };
        }

        return $said;
    }

    private function unit(int $id): string
    {
        return (string) ($this->after->rows['units'][$id]['name'] ?? $this->before->rows['units'][$id]['name'] ?? 'a unit');
    }

    /** @param  non-empty-list<int>  $numbers in order */
    private static function numbered(array $numbers): string
    {
        $runs = [];
        foreach ($numbers as $number) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][1] === $number - 1) {
                $runs[$last][1] = $number;
            } else {
                $runs[] = [$number, $number];
            }
        }
        $words = array_map(static fn (array $run): string => match ($run[1] - $run[0]) {
            0 => (string) $run[0],
            1 => "{$run[0]}, {$run[1]}",
            default => "{$run[0]} to {$run[1]}",
        }, $runs);

        return (count($numbers) === 1 ? 'figure ' : 'figures ').implode(', ', $words);
    }
}
