<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/**
 * A list of paints by use as it comes from a spreadsheet: columns `area`, `use`, `mix`, and `figure_type` and
 * `step` where there are any; separated by tabs, commas or semicolons.
 *
 * @phpstan-type PaintLine array{
 *   line: int,
 *   figure_type: string,
 *   area: string,
 *   use: string,
 *   step: int,
 *   mix: string,
 * }
 */
final readonly class PaintsByUse
{
    private const NEEDED = ['area', 'use', 'mix'];

    private const LONGEST = 120;

    /**
     * @return array{lines: list<PaintLine>, problems: list<RosterProblem>} what can be read, and what cannot
     *
     * @throws UnreadableFile if the text is no table with these columns
     */
    public static function read(string $text): array
    {
        $first = strtok($text, "\r\n");
        $csv = CsvText::of($first !== false && str_contains($first, "\t") ? self::withoutTabs($text) : $text);
        $missing = array_diff(self::NEEDED, $csv->header);
        if ($missing !== []) {
            throw UnreadableFile::withoutColumns(array_values($missing), $csv->header);
        }
        $lines = $problems = [];
        foreach ($csv->rows as $row) {
            $reading = new RosterLineReading($row['line'], $csv->header, $row['cells']);
            $line = [
                'line' => $row['line'],
                'figure_type' => $reading->limited('figure_type', self::LONGEST),
                'area' => $reading->needed('area', self::LONGEST),
                'use' => $reading->needed('use', self::LONGEST),
                'step' => $reading->text('step') === '' ? 1 : ($reading->whole('step', 1, 99) ?? 1),
                'mix' => $reading->needed('mix', 500),
            ];
            array_push($problems, ...$reading->problems());
            if ($reading->problems() === []) {
                $lines[] = $line;
            }
        }

        return ['lines' => $lines, 'problems' => $problems];
    }

    /** Cells that are parted by tabs, parted by commas. */
    private static function withoutTabs(string $text): string
    {
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];

        return implode("\n", array_map(static fn (string $line): string => implode(',', array_map(
            static fn (string $cell): string => '"'.str_replace('"', '""', trim($cell)).'"',
            explode("\t", $line),
        )), $lines));
    }
}
