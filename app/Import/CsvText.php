<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/**
 * The rows of a text with a separator: comma, semicolon or tab, told apart by the first line.
 */
final readonly class CsvText
{
    /**
     * @param  list<string>  $headings as they are written
     * @param  list<string>  $header column names, lower case, as people write them: "Leader count" is leader_count
     * @param  list<array{line: int, cells: list<string>}>  $rows line as an editor counts it, from 1
     */
    private function __construct(
        public array $headings,
        public array $header,
        public array $rows,
    ) {
    }

    /**
     * @param  TextEncoding|null  $encoding null: told from the bytes
     *
     * @throws UnreadableFile if it holds no text, or has no header
     */
    public static function of(string $bytes, ?TextEncoding $encoding = null): self
    {
        $text = ($encoding ?? TextEncoding::of($bytes))->decode($bytes);
        $rows = self::parse($text, self::separator((string) strtok($text, "\n")));
        if ($rows === []) {
            throw UnreadableFile::empty();
        }
        $headings = array_shift($rows)['cells'];

        return new self($headings, array_map(self::plain(...), $headings), $rows);
    }

    /** As a column is called, however people write it: "Leader count" is leader_count. */
    public static function plain(string $heading): string
    {
        return (string) preg_replace('/[\s\x{a0}-]+/u', '_', mb_strtolower(trim($heading)));
    }

    /** @return non-empty-string the one that the first line has most of */
    private static function separator(string $line): string
    {
        $most = ',';
        foreach ([';', "\t"] as $separator) {
            $most = substr_count($line, $separator) > substr_count($line, $most) ? $separator : $most;
        }

        return $most;
    }

    /** @return list<array{line: int, cells: list<string>}> */
    private static function parse(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (true) {
            $line = substr_count(substr($text, 0, (int) ftell($stream)), "\n") + 1;
            $cells = fgetcsv($stream, null, $separator, '"', '');
            if ($cells === false) {
                break;
            }
            if (implode('', $cells) !== '') {
                $rows[] = ['line' => $line, 'cells' => array_map(static fn (?string $cell): string => trim((string) $cell), $cells)];
            }
        }
        fclose($stream);

        return $rows;
    }
}
