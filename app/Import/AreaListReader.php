<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\NotRight;

/**
 * The areas of a figure, one a line: `name; surface; size; on; touches; pieces; focal; part; places`. Between them a semicolon, a tab
 * or, where a text has neither, a comma; a first line may name them in another order. A question mark after
 * the surface says that it is a guess. Every cell that is wrong is told at its
 * place, and its line is read for all that.
 *
 * @phpstan-import-type ReadArea from AreaLine
 * @phpstan-import-type ReadProblem from AreaLine
 */
final readonly class AreaListReader
{
    public const MOST_AREAS = 60;

    private const COLUMNS = ['name', 'surface', 'size', 'on', 'touches', 'pieces', 'focal', 'part', 'places'];

    /**
     * @param  list<array{key: string, name: string}>  $surfaces
     * @param  list<string>  $features that the standard asks for
     */
    public function __construct(
        private array $surfaces,
        private array $features = [],
    ) {
    }

    /**
     * @return array{areas: list<ReadArea>, problems: list<ReadProblem>}
     *
     * @throws NotRight if there is nothing, or far too much
     */
    public function read(string $text): array
    {
        $rows = self::rows($text);
        $columns = array_map(mb_strtolower(...), $rows[0]['cells'] ?? []);
        if (in_array('name', $columns, true) && array_diff($columns, self::COLUMNS) === []) {
            array_shift($rows);
        } else {
            $columns = self::COLUMNS;
        }
        if ($rows === [] || count($rows) > self::MOST_AREAS) {
            throw $rows === []
                ? NotRight::at('/text', 'empty', 'There is nothing in it. Write an area a line: its name, what it is made of, how large it is.')
                : NotRight::at('/text', 'too-many-lines', sprintf('These are %d lines; a figure has at most %d areas.', count($rows), self::MOST_AREAS));
        }
        $lines = [];
        foreach ($rows as $i => $row) {
            $lines[] = new AreaLine($i, $row['line'], $columns, $row['cells']);
        }
        $names = [];
        foreach ($lines as $line) {
            $names[mb_strtolower($line->cell('name'))] = $line->cell('name');
        }
        $areas = array_map(fn (AreaLine $line): array => $line->read($this->surfaces, $this->features, $names), $lines);

        return ['areas' => $areas, 'problems' => array_merge(...array_map(static fn (AreaLine $line): array => $line->problems(), $lines))];
    }

    /** @return list<array{line: int, cells: list<string>}> line as an editor counts it, from 1 */
    private static function rows(string $text): array
    {
        $separator = match (true) {
            str_contains($text, "\t") => "\t",
            str_contains($text, ';') => ';',
            default => ',',
        };
        $rows = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $i => $line) {
            if (trim($line) !== '') {
                $rows[] = ['line' => $i + 1, 'cells' => array_map(trim(...), explode($separator, $line))];
            }
        }

        return $rows;
    }
}
