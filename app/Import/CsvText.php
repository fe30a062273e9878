<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/**
 * The rows of a CSV text: UTF-8 with or without a byte order mark, comma or semicolon, told apart by
 * the first line.
 */
final readonly class CsvText
{
    /**
     * @param  list<string>  $header column names, lower case, as people write them: "Leader count" is leader_count
     * @param  list<array{line: int, cells: list<string>}>  $rows line as an editor counts it, from 1
     */
    private function __construct(
        public array $header,
        public array $rows,
    ) {
    }

    /** @throws UnreadableFile if the text is not UTF-8, holds no text, or has no header */
    public static function of(string $text): self
    {
        $text = self::decoded($text);
        $first = strtok($text, "\r\n");
        $separator = $first !== false && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $rows = self::parse($text, $separator);
        if ($rows === []) {
            throw UnreadableFile::empty();
        }
        $header = array_map(static fn (string $name): string => (string) preg_replace('/[\s\x{a0}-]+/u', '_', mb_strtolower(trim($name))), array_shift($rows)['cells']);

        return new self($header, $rows);
    }

    private static function decoded(string $text): string
    {
        if (str_starts_with($text, "\xEF\xBB\xBF")) {
            $text = substr($text, 3);
        }
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            throw UnreadableFile::notUtf8();
        }
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1) {
            throw UnreadableFile::notText();
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw UnreadableFile::notUtf8();
        }

        return str_replace(["\r\n", "\r"], "\n", $text);
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
