<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;
use Core\Colour\ColourText;
use Core\CoreException;
use Core\Scheme\PaintKind;
use Core\Standard\Opacity;
use Document\Json\BadDocument;
use Document\Json\ShapeFault;

/**
 * Paints from lines of a name and a hex (`Harbour Slate;#3e4c57`), from a CSV file (name, hex, and where there are any kind, opacity, finish, ml, stock_ml, coats_dark,
 * coats_middle, coats_light, note), or from a plain-text palette (.gpl): lines of red, green, blue and a name.
 */
final readonly class PaintFile
{
    private const PALETTE = '/^GIMP Palette\s*$/';

    /** Lines that begin at once, without naming their columns. */
    private const PLAIN = '/^[^;,\t]+([;,\t])\s*#?[0-9a-f]{6}\s*$/iu';

    private const MOST = 5000;

    private const COLUMNS = ['name', 'hex', 'kind', 'opacity', 'finish', 'ml', 'stock_ml', 'coats_dark', 'coats_middle', 'coats_light', 'note'];

    /**
     * @return list<PaintEntry>
     *
     * @throws BadDocument with each line that cannot be read
     * @throws UnreadableFile if it is no list at all
     */
    public static function read(string $text): array
    {
        $text = TextEncoding::of($text)->decode($text);
        $first = strtok($text, "\r\n");
        $faults = [];
        $entries = $first !== false && preg_match(self::PALETTE, $first) === 1 ? self::palette($text, $faults) : self::csv($text, $faults);
        $seen = [];
        foreach ($entries as $line => $entry) {
            $name = mb_strtolower($entry->name);
            if (isset($seen[$name])) {
                $faults[] = self::fault($line, 'name', 'duplicate-name', "\"{$entry->name}\" stands in line {$seen[$name]} already; name each paint once.");
            }
            $seen[$name] ??= $line;
        }
        if ($faults === [] && count($entries) > self::MOST) {
            $faults[] = new ShapeFault('too-many', '', sprintf('This holds %d paints; at most %d are taken at a time.', count($entries), self::MOST));
        }
        if ($faults === [] && $entries === []) {
            throw UnreadableFile::empty();
        }

        return $faults === [] ? array_values($entries) : throw BadDocument::withFaults($faults);
    }

    /**
     * @param  list<ShapeFault>  $faults
     * @return array<int, PaintEntry> by line
     */
    private static function palette(string $text, array &$faults): array
    {
        $entries = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $at => $line) {
            $line = trim($line);
            if ($at === 0 || $line === '' || str_starts_with($line, '#') || preg_match('/^(Name|Columns):/', $line) === 1) {
                continue;
            }
            if (preg_match('/^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u', $line, $match) !== 1) {
                $faults[] = self::fault($at + 1, 'colour', 'bad-colour', 'This is no line of a palette; write red, green and blue from 0 to 255, and a name: 62 76 87 Harbour Slate.');

                continue;
            }
            [$red, $green, $blue] = [(int) $match[1], (int) $match[2], (int) $match[3]];
            $name = trim($match[4] ?? '');
            if (max($red, $green, $blue) > 255) {
                $faults[] = self::fault($at + 1, 'colour', 'out-of-range', 'Red, green and blue go from 0 to 255.');
            } elseif ($name === '' || mb_strlen($name) > 120 || str_contains($name, '+')) {
                $faults[] = self::fault($at + 1, 'name', 'bad-name', 'Each colour needs a name of at most 120 characters, without a plus sign.');
            } else {
                $entries[$at + 1] = new PaintEntry($name, PaintKind::Base->value, sprintf('#%02x%02x%02x', $red, $green, $blue), Opacity::Opaque->value, 2, 2, 1, null, 'matt', 18.0, 0.0);
            }
        }

        return $entries;
    }

    /**
     * @param  list<ShapeFault>  $faults
     * @return array<int, PaintEntry> by line
     */
    private static function csv(string $text, array &$faults): array
    {
        $isPlain = preg_match(self::PLAIN, (string) strtok($text, "\r\n"), $found) === 1;
        // What a spreadsheet copies is parted by tabs.
        $csv = CsvText::of($isPlain ? str_replace("\t", ';', "name{$found[1]}hex\n{$text}") : $text);
        $missing = array_values(array_diff(['name', 'hex'], $csv->header));
        if ($missing !== []) {
            throw UnreadableFile::withoutColumns($missing, $csv->header);
        }
        $unknown = array_values(array_diff($csv->header, self::COLUMNS));
        if ($unknown !== []) {
            throw BadDocument::withFaults([new ShapeFault('unknown-column', '/lines/1', 'There is no column "'.implode('", "', $unknown).'"; known are: '.implode(', ', self::COLUMNS).'.')]);
        }
        $entries = [];
        foreach ($csv->rows as $row) {
            $before = count($faults);
            $line = $isPlain ? $row['line'] - 1 : $row['line'];
            $entry = self::row(new RosterLineReading($line, $csv->header, $row['cells']), $faults);
            if (count($faults) === $before) {
                $entries[$line] = $entry;
            }
        }

        return $entries;
    }

    /** @param  list<ShapeFault>  $faults */
    private static function row(RosterLineReading $reading, array &$faults): PaintEntry
    {
        $name = $reading->needed('name', 120);
        if (str_contains($name, '+')) {
            $reading->problem('name', 'bad-name', 'A name has no plus sign: that is how mixes are written.');
        }
        $colour = $reading->needed('hex', 60);
        try {
            $hex = $colour === '' ? '' : ColourText::read($colour)->hex();
        } catch (CoreException $refusal) {
            $hex = '';
            $reading->problem('hex', $refusal->code(), $refusal->getMessage());
        }
        $coats = static fn (string $column, int $usual): int => $reading->text($column) === '' ? $usual : ($reading->whole($column, 1, 9) ?? $usual);
        $entry = new PaintEntry(
            $name,
            self::word($reading, 'kind', array_column(PaintKind::cases(), 'value'), PaintKind::Base->value),
            $hex,
            self::word($reading, 'opacity', array_column(Opacity::cases(), 'value'), Opacity::Opaque->value),
            $coats('coats_dark', 2), $coats('coats_middle', 2), $coats('coats_light', 1),
            null,
            $reading->limited('finish', 20) === '' ? 'matt' : $reading->text('finish'),
            self::measure($reading, 'ml', true) ?? 18.0,
            self::measure($reading, 'stock_ml', false),
            $reading->limited('note', 200),
        );
        foreach ($reading->problems() as $problem) {
            $faults[] = $problem->fault();
        }

        return $entry;
    }

    /** @param  list<string>  $words */
    private static function word(RosterLineReading $reading, string $column, array $words, string $usual): string
    {
        $text = $reading->text($column);
        if ($text === '' || in_array($text, $words, true)) {
            return $text === '' ? $usual : $text;
        }
        $reading->problem($column, 'unknown-value', "\"{$text}\" is no {$column}; it is one of: ".implode(', ', $words).'.');

        return $usual;
    }

    private static function measure(RosterLineReading $reading, string $column, bool $overZero): ?float
    {
        $text = str_replace(',', '.', $reading->text($column));
        if ($text === '') {
            return null;
        }
        if (! is_numeric($text) || (float) $text < 0 || ($overZero && (float) $text <= 0) || (float) $text > 100_000) {
            $reading->problem($column, 'out-of-range', "\"{$text}\" is no volume in ml; write a number ".($overZero ? 'over 0.' : 'of at least 0.'));

            return null;
        }

        return (float) $text;
    }

    private static function fault(int $line, string $column, string $code, string $message): ShapeFault
    {
        return (new RosterProblem($line, $column, $code, $message))->fault();
    }
}
