<?php

declare(strict_types=1);

namespace App\Import;

use Core\Standard\Extent;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Document\Standard\UseReader;

/**
 * A column of a spreadsheet: a surface and what a tier asks of it in each line, between them a tab. It is
 * the form in which the matrix is given out: uses in the order of laying, each in a line of the cell or
 * after a semicolon, its degree in brackets: `Layer (2 steps, upper parts only, 20 min)`.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 *
 * @phpstan-type ColumnCell array{surface: string, uses: list<UseDocument>}
 * @phpstan-type ColumnProblem array{line: int, message: string}
 */
final readonly class ColumnText
{
    private const NOTHING = ['not asked for', 'not asked', '-', '–', 'no', 'none'];

    private const SILENCE = ['', 'undecided', '?'];

    public function __construct(private Standard $standard)
    {
    }

    /** @return array{cells: list<ColumnCell>, problems: list<ColumnProblem>} */
    public function read(string $text): array
    {
        $cells = $problems = [];
        foreach (self::lines($text) as $i => $columns) {
            $surface = $this->surface(trim($columns[0] ?? ''));
            $asked = trim($columns[1] ?? '');
            if ($surface === null) {
                // The first line may name the columns.
                if ($i > 0 || ! in_array(mb_strtolower(trim($columns[0] ?? '')), ['surface', ''], true)) {
                    $problems[] = ['line' => $i + 1, 'message' => 'There is no surface "'.($columns[0] ?? '').'"; add it first, or write it as in the sheet.'];
                }
            } elseif (! in_array(mb_strtolower($asked), self::SILENCE, true)) {
                [$uses, $wrong] = $this->uses($asked);
                $cells[] = ['surface' => $surface->id, 'uses' => $uses];
                array_push($problems, ...array_map(static fn (string $message): array => ['line' => $i + 1, 'message' => $message], $wrong));
            }
        }

        return ['cells' => $cells, 'problems' => $problems];
    }

    /** @return list<list<string>> */
    private static function lines(string $text): array
    {
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $lines = [];
        while (($columns = fgetcsv($stream, null, "\t", '"', '')) !== false) {
            $lines[] = array_map(strval(...), $columns);
        }
        fclose($stream);

        return $lines;
    }

    /** @return array{list<UseDocument>, list<string>} */
    private function uses(string $asked): array
    {
        $uses = $wrong = $names = [];
        if (in_array(mb_strtolower($asked), self::NOTHING, true)) {
            return [[], []];
        }
        foreach (preg_split('/[;\n]+/u', $asked) ?: [] as $one) {
            if (trim($one) === '') {
                continue;
            }
            $use = $this->use(trim($one));
            if (is_string($use)) {
                $wrong[] = $use;

                continue;
            }
            $id = UseReader::nameOf($use);
            $number = count(array_keys($names, $id, true)) + 1;
            $names[] = $id;
            $uses[] = $number > 1 ? ['id' => "{$id}-{$number}"] + $use : $use;
        }

        return [$uses, $wrong];
    }

    /** @return UseDocument|string a sentence where it cannot be read */
    private function use(string $text): array|string
    {
        if (preg_match('/^(?<names>[^(]+?)\s*(?:\((?<degree>.*)\))?$/us', $text, $parts) !== 1) {
            return "\"{$text}\" cannot be read; write a technique, and its degree in brackets.";
        }
        $techniques = [];
        foreach (preg_split('/\s+or\s+/u', $parts['names']) ?: [] as $name) {
            $technique = $this->technique(trim($name));
            if ($technique === null) {
                return "There is no technique \"{$name}\".";
            }
            $techniques[] = $technique->id;
        }
        $use = count($techniques) > 1 ? ['id' => $techniques[0], 'any_of' => $techniques] : ['technique' => $techniques[0] ?? ''];
        foreach (preg_split('/\s*,\s*/u', $parts['degree'] ?? '') ?: [] as $word) {
            $use = self::withDegree($use, $word);
        }

        return $use;
    }

    /**
     * @param  UseDocument  $use
     * @return UseDocument
     */
    private static function withDegree(array $use, string $word): array
    {
        return match (true) {
            $word === '' => $use,
            preg_match('/^(\d+) coats?$/u', $word, $m) === 1 => ['coats' => (int) $m[1]] + $use,
            preg_match('/^(\d+) steps?$/u', $word, $m) === 1 => ['steps' => (int) $m[1]] + $use,
            preg_match('/^(\d+) to (\d+) (coats|steps)$/u', $word, $m) === 1 => [$m[3] => (int) $m[1], "{$m[3]}_to" => (int) $m[2]] + $use,
            preg_match('/^only if (.+)$/u', $word, $m) === 1 => ['only_if' => $m[1]] + $use,
            preg_match('/^in turn with (.+)$/u', $word, $m) === 1 => ['in_turn_with' => $m[1]] + $use,
            $word === 'mix by mix' => $use,
            preg_match('/^not over (.+)$/u', $word, $m) === 1 => ['except' => [...$use['except'] ?? [], $m[1]]] + $use,
            preg_match('/^not (.+)$/u', $word, $m) === 1 => ['not_places' => [...$use['not_places'] ?? [], $m[1]]] + $use,
            preg_match('/^over ([\d.]+) ?%( of it)?$/u', $word, $m) === 1 => ['cover' => (float) $m[1] / 100] + $use,
            preg_match('/^each (.+)$/u', $word, $m) === 1 => ['feature' => $m[1]] + $use,
            preg_match('/^([\d.]+) ?min$/u', $word, $m) === 1 => ['minutes' => (float) $m[1]] + $use,
            self::extent($word) !== null => ['extent' => self::extent($word)] + $use,
            default => ['places' => [...($use['places'] ?? []), $word]] + $use,
        };
    }

    private static function extent(string $word): ?string
    {
        return match (mb_strtolower($word)) {
            'a few spots', 'spots', 'spot' => Extent::Spot->value,
            'focal places only', 'focal' => Extent::Focal->value,
            'upper parts only', 'upper' => Extent::Upper->value,
            'every', 'everywhere' => Extent::Every->value,
            default => null,
        };
    }

    private function surface(string $name): ?Surface
    {
        foreach ($this->standard->surfaces as $surface) {
            if ($surface->id === $name || mb_strtolower($surface->name) === mb_strtolower($name)) {
                return $surface;
            }
        }

        return null;
    }

    private function technique(string $name): ?Technique
    {
        foreach ($this->standard->techniques as $technique) {
            if ($technique->id === $name || mb_strtolower($technique->name) === mb_strtolower($name)) {
                return $technique;
            }
        }

        return null;
    }
}
