<?php

declare(strict_types=1);

namespace App\Import;

/**
 * What each column of a roster is. Clients name them as they like: what their usual names are is known, of others somebody says it, or that
 * they are left out.
 */
final readonly class RosterColumns
{
    /** Columns, with what else they are called. Common practice, no source. */
    public const NAMES = [
        'unit' => ['units', 'squad', 'unit_name', 'name', 'group'],
        'figure_type' => ['type', 'figure', 'model', 'miniature', 'figure_types'],
        'count' => ['number', 'qty', 'quantity', 'amount', 'figures', 'models', 'how_many', 'pieces'],
        'tier' => ['level', 'quality', 'service', 'painting_level'],
        'leader_count' => ['leaders', 'officers'],
        'leader_tier' => ['tier_of_leaders', 'leaders_tier', 'leader_level'],
        'note' => ['notes', 'comment', 'comments', 'remark', 'remarks'],
    ];

    private const NEEDED = ['unit', 'figure_type', 'count', 'tier'];

    /** What somebody says of a column that is left out. */
    public const LEFT_OUT = '';

    /**
     * @param  list<string>  $headings as they are written
     * @param  list<string|null>  $columns what each is; empty: left out; null: nobody has said
     */
    private function __construct(
        public array $headings,
        public array $columns,
    ) {
    }

    /** @param  array<array-key, string>  $said column, or that it is left out, by plain heading */
    public static function of(CsvText $csv, array $said): self
    {
        $columns = [];
        foreach ($csv->header as $heading) {
            // A column without a name, as spreadsheets leave beside their tables, is none.
            $columns[] = $heading === '' ? self::LEFT_OUT : $said[$heading] ?? (isset(self::NAMES[$heading]) ? $heading : null);
        }
        foreach ($csv->header as $at => $heading) {
            $usual = self::usual($heading);
            if ($columns[$at] === null && $usual !== null && ! in_array($usual, $columns, true)) {
                $columns[$at] = $usual;
            }
        }

        return new self($csv->headings, $columns);
    }

    /** @return list<string> by which the cells of a line are found */
    public function names(): array
    {
        return array_map(static fn (?string $column): string => $column ?? self::LEFT_OUT, $this->columns);
    }

    /** @return list<RosterProblem> */
    public function problems(): array
    {
        $problems = [];
        foreach (array_diff(self::NEEDED, array_filter($this->columns)) as $missing) {
            $problems[] = new RosterProblem(1, $missing, 'missing-column', 'Nothing says which column is the '.str_replace('_', ' ', $missing).'; the first line names the columns: '.implode(', ', array_keys(self::NAMES)).'.');
        }
        foreach ($this->columns as $at => $column) {
            if ($column === null) {
                $problems[] = new RosterProblem(1, $this->headings[$at], 'unknown-column', "Say what \"{$this->headings[$at]}\" is, or leave it out.");
            }
        }
        foreach (array_count_values(array_filter($this->columns)) as $twice => $times) {
            if ($times > 1) {
                $problems[] = new RosterProblem(1, (string) $twice, 'duplicate-column', "{$times} columns are taken for the ".str_replace('_', ' ', (string) $twice).'; keep one.');
            }
        }

        return $problems;
    }

    private static function usual(string $heading): ?string
    {
        foreach (self::NAMES as $column => $others) {
            if (in_array($heading, $others, true)) {
                return $column;
            }
        }

        return null;
    }
}
