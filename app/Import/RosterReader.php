<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/**
 * A roster against what a job knows. Every cell that is wrong is told, with its line and column.
 *
 * @phpstan-type Known array{key: string, name: string, retired?: bool}
 */
final readonly class RosterReader
{
    public const MOST_IN_A_LINE = 500;

    public const MOST_IN_A_JOB = 1000;

    /** How far a word may be from what it means, in letters, for each begun this many of its own; letters that changed places are two. */
    private const LETTERS_A_SLIP = 4;

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

    /** @throws UnreadableFile if it cannot be read as a list at all */
    public function read(GivenRoster $given): Roster
    {
        if (strlen($given->bytes) > 1_000_000) {
            throw UnreadableFile::tooLarge();
        }
        $csv = CsvText::of($given->bytes, $given->encoding);
        $columns = RosterColumns::of($csv, $given->columns);
        $problems = $columns->problems();
        if ($problems !== []) {
            return new Roster([], $problems, [], $columns);
        }
        $lines = [];
        $units = new RosterUnits(self::MOST_IN_A_LINE);
        $above = '';
        foreach ($csv->rows as $row) {
            $reading = new RosterLineReading($row['line'], $columns->names(), $row['cells']);
            $line = $this->line($reading, $above, $given->words);
            $above = $reading->text('unit') ?: $above;
            array_push($problems, ...$reading->problems());
            if ($line !== null) {
                $problem = $units->take($line);
                $lines[] = $line;
                array_push($problems, ...($problem === null ? [] : [$problem]));
            }
        }
        array_push($problems, ...$this->sizeProblems($lines, $csv->rows === [] ? 1 : $csv->rows[count($csv->rows) - 1]['line']));

        return new Roster($lines, $problems, self::unknownTypes($problems), $columns);
    }

    /**
     * @param  string  $above unit of the line above
     * @param  array<string, string>  $words what was said that words mean
     */
    private function line(RosterLineReading $reading, string $above, array $words): ?RosterLine
    {
        $unit = self::unit($reading, $above);
        if (in_array(mb_strtolower($unit), array_map(mb_strtolower(...), $this->unitsTaken), true)) {
            $reading->problem('unit', 'duplicate-unit', "A unit \"{$unit}\" is in the job already; give each unit its own name.");
        }
        $type = self::named($reading, 'figure_type', 'figure_type', $this->types, $words);
        $count = $reading->whole('count', 1, self::MOST_IN_A_LINE);
        $tier = self::named($reading, 'tier', 'tier', $this->tiers, $words);
        $leaders = $reading->text('leader_count') === '' ? 0 : $reading->whole('leader_count', 0, $count ?? self::MOST_IN_A_LINE);
        $leaderTier = $reading->text('leader_tier') === '' ? null : self::named($reading, 'leader_tier', 'tier', $this->tiers, $words);
        if ($leaderTier !== null && $leaders === 0) {
            $reading->problem('leader_count', 'no-leaders', 'A tier for leaders is named, but no leaders; write how many of the unit they are, or leave the tier out.');
        }
        $note = $reading->limited('note', 500);
        if ($reading->problems() !== [] || $type === null || $tier === null || $count === null || $leaders === null) {
            return null;
        }

        return new RosterLine($reading->line, $unit, $type, $count, $tier, $leaders, $leaderTier, $note);
    }

    /** @param  string  $above unit of the line above: a spreadsheet has what several cells share in the first of them */
    private static function unit(RosterLineReading $reading, string $above): string
    {
        if ($reading->text('unit') !== '' || $above === '') {
            return $reading->needed('unit', 190);
        }
        $reading->problem('unit', 'empty', "This line names no unit. Where its cell was one with those above it, write \"{$above}\" here too.");

        return '';
    }

    /**
     * @param  'tier'|'figure_type'  $kind
     * @param  list<Known>  $known
     * @param  array<string, string>  $words
     */
    private static function named(RosterLineReading $reading, string $column, string $kind, array $known, array $words): ?string
    {
        $given = $reading->needed($column, 190);
        if ($given === '') {
            return null;
        }
        $found = self::find($words[GivenRoster::word($kind, $given)] ?? $given, $known);
        $offers = self::offers($given, $known);
        if ($found === null) {
            $what = str_replace('_', ' ', $kind);
            $reading->unknown($column, $kind === 'tier' ? 'unknown-tier' : 'unknown-figure-type', "There is no {$what} \"{$given}\"".self::question($offers, $kind), $given, $offers);

            return null;
        }
        if ($found['retired'] ?? false) {
            $reading->unknown($column, 'retired-tier', "The tier \"{$found['name']}\" is retired; take one of: ".implode(', ', array_column($offers, 'name')).'.', $given, $offers);

            return null;
        }

        return $found['key'];
    }

    /** @param  list<array{key: string, name: string, like: bool}>  $offers */
    private static function question(array $offers, string $kind): string
    {
        $like = array_column(array_filter($offers, static fn (array $one): bool => $one['like']), 'name');
        $make = $kind === 'tier' ? '' : ' If it is another, make it with the quick form below.';

        return match (true) {
            $like !== [] => '. Is it '.implode(', or ', $like).'?'.$make,
            $offers === [] => '; there is none yet, make it with the quick form below.',
            default => '; '.($kind === 'tier' ? 'the standard of this job has' : 'make it with the quick form below, or use one of').': '.implode(', ', array_column($offers, 'name')).'.',
        };
    }

    /**
     * @param  list<Known>  $known
     * @return list<array{key: string, name: string, like: bool}> those that are like what was given first
     */
    private static function offers(string $given, array $known): array
    {
        $offers = [];
        foreach ($known as $one) {
            if (! ($one['retired'] ?? false)) {
                $offers[] = ['key' => $one['key'], 'name' => $one['name'], 'like' => self::isLike($given, $one['name']) || self::isLike($given, $one['key'])];
            }
        }
        usort($offers, static fn (array $a, array $b): int => $b['like'] <=> $a['like']);

        return $offers;
    }

    /** A slip of the pen, or one in the words of the other: "lamplighters", "Gaurd", "tide diver (plate)". */
    private static function isLike(string $given, string $name): bool
    {
        [$given, $name] = [mb_strtolower($given), mb_strtolower($name)];
        $slips = (int) ceil(min(mb_strlen($given), mb_strlen($name)) / self::LETTERS_A_SLIP);

        return levenshtein(mb_strimwidth($given, 0, 120), mb_strimwidth($name, 0, 120)) <= $slips || (mb_strlen($given) > 3 && str_contains($name, $given)) || (mb_strlen($name) > 3 && str_contains($given, $name));
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

    /**
     * @param  list<RosterProblem>  $problems
     * @return list<string> each once, however often it is named
     */
    private static function unknownTypes(array $problems): array
    {
        $unknown = [];
        foreach ($problems as $problem) {
            if ($problem->code === 'unknown-figure-type') {
                $unknown[mb_strtolower($problem->word)] ??= $problem->word;
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
}
