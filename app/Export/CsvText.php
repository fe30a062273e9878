<?php

declare(strict_types=1);

namespace App\Export;

/**
 * Lines of a CSV file, written by PHP's own writer as RFC 4180 has it, every cell a text: what a spreadsheet
 * would take for a formula has an apostrophe before it.
 */
final readonly class CsvText
{
    /** Signs with which spreadsheets begin a formula, also behind white space. */
    private const FORMULA = '/^[\s\x{00A0}]*[=+\-@|\t\r]/u';

    /** @param  list<list<string|int|float>>  $lines */
    public static function of(array $lines): string
    {
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            throw new \RuntimeException('No memory for a file.');
        }
        foreach ($lines as $cells) {
            fputcsv($stream, array_map(self::safe(...), $cells), ',', '"', '', "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    private static function safe(string|int|float $cell): string
    {
        // A number is what it says; only words can pretend to be one.
        return is_string($cell) && ! is_numeric($cell) && preg_match(self::FORMULA, $cell) === 1 ? "'{$cell}" : (string) $cell;
    }
}
