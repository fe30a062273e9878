<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/**
 * A roster in CSV against what a job knows. Every cell that is wrong is told, with its line and column.
 *
 * @phpstan-type Known array{key: string, name: string, retired?: bool}
 */
final readonly class RosterReader
{
    public const MOST_IN_A_LINE = 500;

    public const MOST_IN_A_JOB = 1000;

    private const NEEDED = ['unit', 'figure_type', 'count', 'tier'];

    private const COLUMNS = ['unit', 'figure_type', 'count', 'tier', 'leader_count', 'leader_tier', 'note'];

    /**
     * @param  list<Known>  $tiers of the job's standard
     * @param  list<Known>  $types of the studio and the job
     * @param  list<string>  $unitsTaken names of the job's units
     * @param  int  $figuresTaken figures that the job has already
     */
    public function __construct(
        private array $tiers,
        private array $types,
        private array $unitsTaken = [],
        private int $figuresTaken = 0,
    ) {
    }

    /** @throws UnreadableFile if it cannot be read as CSV at all */
    public function read(string $text): Roster
    {
        if (strlen($text) > 1_000_000) {
            throw UnreadableFile::tooLarge();
        }
        $csv = CsvText::of($text);
        $problems = self::headerProblems($csv->header);
        if ($problems !== []) {
            return new Roster([], $problems, []);
        }
        $lines = [];
        $seen = array_fill_keys(array_map(mb_strtolower(...), $this->unitsTaken), 'in the job already');
        foreach ($csv->rows as $row) {
            $reading = new RosterLineReading($row['line'], $csv->header, $row['cells']);
            $line = $this->line($reading, $seen);
            $seen[mb_strtolower($reading->text('unit'))] = "in line {$row['line']} already";
            array_push($problems, ...$reading->problems());
            if ($line !== null) {
                $lines[] = $line;
            }
        }
        array_push($problems, ...$this->sizeProblems($lines, $csv->rows === [] ? 1 : $csv->rows[count($csv->rows) - 1]['line']));

        return new Roster($lines, $problems, $this->unknownTypes($csv));
    }

    /** @param  array<string, string>  $seen where a unit of this name stands, by lower-case name */
    private function line(RosterLineReading $reading, array $seen): ?RosterLine
    {
        $unit = $reading->needed('unit', 190);
        if (isset($seen[mb_strtolower($unit)])) {
            $reading->problem('unit', 'duplicate-unit', "A unit \"{$unit}\" is {$seen[mb_strtolower($unit)]}; give each unit its own name.");
        }
        $type = $this->named($reading, 'figure_type', $this->types, 'unknown-figure-type', 'figure type', 'make it with the quick form below, or use one of');
        $count = $reading->whole('count', 1, self::MOST_IN_A_LINE);
        $tier = $this->named($reading, 'tier', $this->tiers, 'unknown-tier', 'tier', 'the standard of this job has');
        $leaders = $reading->text('leader_count') === '' ? 0 : $reading->whole('leader_count', 0, $count ?? self::MOST_IN_A_LINE);
        $leaderTier = $reading->text('leader_tier') === '' ? null : $this->named($reading, 'leader_tier', $this->tiers, 'unknown-tier', 'tier', 'the standard of this job has');
        if ($leaderTier !== null && $leaders === 0) {
            $reading->problem('leader_count', 'no-leaders', 'A tier for leaders is named, but no leaders; write how many of the unit they are, or leave the tier out.');
        }
        $note = $reading->limited('note', 500);
        if ($reading->problems() !== [] || $type === null || $tier === null || $count === null || $leaders === null) {
            return null;
        }

        return new RosterLine($reading->line, $unit, $type, $count, $tier, $leaders, $leaderTier, $note);
    }

    /** @param  list<Known>  $known */
    private function named(RosterLineReading $reading, string $column, array $known, string $code, string $what, string $right): ?string
    {
        $given = $reading->needed($column, 190);
        if ($given === '') {
            return null;
        }
        $found = self::find($given, $known);
        $offered = array_filter($known, static fn (array $one): bool => ! ($one['retired'] ?? false));
        $names = implode(', ', array_map(static fn (array $one): string => $one['name'], $offered));
        if ($found === null) {
            $reading->problem($column, $code, "There is no {$what} \"{$given}\"; ".($names === '' ? 'there is none yet, make it with the quick form below.' : "{$right}: {$names}."));

            return null;
        }
        if ($found['retired'] ?? false) {
            $reading->problem($column, 'retired-tier', "The tier \"{$found['name']}\" is retired; take one of: {$names}.");

            return null;
        }

        return $found['key'];
    }

    /**
     * By key or by name, whatever the case of the letters.
     *
     * @param  list<Known>  $known
     * @return Known|null
     */
    private static function find(string $given, array $known): ?array
    {
        $given = mb_strtolower($given);
        foreach ($known as $one) {
            if (mb_strtolower($one['key']) === $given || mb_strtolower($one['name']) === $given) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function unknownTypes(CsvText $csv): array
    {
        $column = array_search('figure_type', $csv->header, true);
        $unknown = [];
        foreach ($csv->rows as $row) {
            $name = $row['cells'][$column] ?? '';
            if ($name !== '' && self::find($name, $this->types) === null) {
                $unknown[mb_strtolower($name)] ??= $name;
            }
        }

        return array_values($unknown);
    }

    /**
     * @param  list<RosterLine>  $lines
     * @return list<RosterProblem>
     */
    private function sizeProblems(array $lines, int $lastLine): array
    {
        $figures = array_sum(array_map(static fn (RosterLine $line): int => $line->count, $lines)) + $this->figuresTaken;

        return match (true) {
            $figures > self::MOST_IN_A_JOB => [new RosterProblem($lastLine, 'count', 'too-many-figures', sprintf('That makes %s figures; a job takes at most %s. Split it into two jobs.', number_format($figures), number_format(self::MOST_IN_A_JOB)))],
            $lastLine === 1 => [new RosterProblem(1, 'unit', 'no-units', 'There are column names but no units under them; add a line for each unit.')],
            default => [],
        };
    }

    /**
     * @param  list<string>  $header
     * @return list<RosterProblem>
     */
    private static function headerProblems(array $header): array
    {
        $problems = [];
        foreach (array_diff(self::NEEDED, $header) as $missing) {
            $problems[] = new RosterProblem(1, $missing, 'missing-column', "The column \"{$missing}\" is missing; the first line names the columns: ".implode(', ', self::COLUMNS).'.');
        }
        foreach (array_diff(array_filter($header), self::COLUMNS) as $unknown) {
            $problems[] = new RosterProblem(1, $unknown, 'unknown-column', "There is no column \"{$unknown}\"; known are: ".implode(', ', self::COLUMNS).'.');
        }
        foreach (array_filter(array_count_values(array_filter($header)), static fn (int $times): bool => $times > 1) as $twice => $times) {
            $problems[] = new RosterProblem(1, (string) $twice, 'duplicate-column', "The column \"{$twice}\" stands {$times} times; keep one.");
        }

        return $problems;
    }
}
