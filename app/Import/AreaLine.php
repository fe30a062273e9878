<?php

declare(strict_types=1);

namespace App\Import;

use Core\Listing\AreaWeight;

/**
 * One line of a list of areas while it is read: what it says, and what is wrong with it.
 *
 * @phpstan-type ReadArea array{
 *   name: string,
 *   surface: string,
 *   weight: value-of<AreaWeight>|null,
 *   share: float|null,
 *   on: string|null,
 *   neighbours: list<string>,
 *   features: list<array{feature: string, pieces: int}>,
 *   focal: bool,
 *   part: string,
 *   places: list<string>,
 *   unsure: bool,
 * }
 * @phpstan-type ReadProblem array{line: int, path: string, code: string, message: string}
 */
final class AreaLine
{
    private const YES = ['yes', 'y', 'x', 'focal', '1', 'true'];

    private const NO = ['', 'no', 'n', '-', '0', 'false'];

    /** Surfaces that draw the eye unless it is said otherwise, and those that are small. Common practice, no source. */
    private const FOCAL = ['face'];

    private const SMALL = ['ground', 'rim'];

    /** @var list<ReadProblem> */
    private array $problems = [];

    /**
     * @param  int  $place among the areas, from 0
     * @param  list<string>  $columns
     * @param  list<string>  $cells
     */
    public function __construct(
        private readonly int $place,
        private readonly int $line,
        private readonly array $columns,
        private readonly array $cells,
    ) {
        if (count($cells) > count($columns)) {
            $this->problem('name', 'too-many-cells', sprintf('This line has %d cells; they are: %s.', count($cells), implode(', ', $columns)));
        }
    }

    public function cell(string $column): string
    {
        $at = array_search($column, $this->columns, true);

        return $at === false ? '' : $this->cells[$at] ?? '';
    }

    /**
     * @param  list<array{key: string, name: string}>  $surfaces
     * @param  list<string>  $features
     * @param  array<array-key, string>  $names of all areas, by their lower case
     * @return ReadArea
     */
    public function read(array $surfaces, array $features, array $names): array
    {
        $surface = $this->surface($surfaces);
        [$weight, $share] = $this->size($surface);

        return [
            'name' => $this->name(),
            'surface' => $surface,
            'weight' => $weight,
            'share' => $share,
            'on' => $this->cell('on') === '' ? null : $this->named($this->cell('on'), $names, 'on'),
            'neighbours' => $this->touches($names),
            'features' => $this->pieces($features),
            'focal' => $this->focal($surface),
            'part' => $this->cell('part'),
            'places' => self::list($this->cell('places')),
            'unsure' => $this->isUnsure(),
        ];
    }

    /** @return list<ReadProblem> */
    public function problems(): array
    {
        return $this->problems;
    }

    private function name(): string
    {
        $name = $this->cell('name');
        if ($name === '') {
            $this->problem('name', 'empty', 'This line has no name; it stands first.');
        }

        return $name;
    }

    /** A question mark after what it is made of: that is a guess. */
    private function isUnsure(): bool
    {
        return str_ends_with($this->cell('surface'), '?');
    }

    /** @param  list<array{key: string, name: string}>  $surfaces */
    private function surface(array $surfaces): string
    {
        $given = mb_strtolower(rtrim($this->cell('surface'), '? '));
        $like = [];
        foreach ($surfaces as $surface) {
            $words = self::words($surface);
            if (in_array($given, $words, true)) {
                return $surface['key'];
            }
            if ($given !== '' && array_filter($words, static fn (string $word): bool => str_contains($word, $given) || levenshtein($word, $given) <= 2) !== []) {
                $like[] = $surface['name'];
            }
        }
        $offered = implode(', ', $like === [] ? array_column($surfaces, 'name') : $like);
        $this->problem('surface', 'unknown-surface', $given === ''
            ? "Nothing is said of what it is made of: {$offered}. Where nobody is sure, write the likeliest with a question mark after it."
            : "The standard has no surface \"{$this->cell('surface')}\"; ".($like === [] ? 'it has' : 'is it')." {$offered}".($like === [] ? '.' : '?'));

        return '';
    }

    /**
     * What a surface is called: "hair, fur, feather" is each of them.
     *
     * @param  array{key: string, name: string}  $surface
     * @return list<string>
     */
    private static function words(array $surface): array
    {
        $name = mb_strtolower($surface['name']);

        return [mb_strtolower($surface['key']), $name, ...(preg_split('/\s*(?:[,\/]|\band\b)\s*/u', $name) ?: [])];
    }

    /** @return array{value-of<AreaWeight>|null, float|null} */
    private function size(string $surface): array
    {
        $given = mb_strtolower($this->cell('size'));
        if ($given === '' && in_array($surface, self::SMALL, true)) {
            return [AreaWeight::Small->value, null];
        }
        foreach (AreaWeight::cases() as $weight) {
            if ($given !== '' && str_starts_with($weight->value, $given)) {
                return [$weight->value, null];
            }
        }
        $percent = preg_match('/^\d{1,3}(?:[.,]\d+)?\s*%?$/', $given) === 1 ? (float) strtr($given, [',' => '.', '%' => '']) : 0.0;
        if ($percent > 0 && $percent <= 100) {
            return [null, $percent / 100];
        }
        $this->problem('weight', 'unknown-size', $given === ''
            ? 'Nothing is said of how large it is: tiny, small, medium, large, or so many percent of the body.'
            : "\"{$this->cell('size')}\" cannot be read; write tiny, small, medium, large, or so many percent of the body.");

        return [null, null];
    }

    /**
     * @param  array<array-key, string>  $names
     * @return list<string>
     */
    private function touches(array $names): array
    {
        $touched = [];
        foreach (self::list($this->cell('touches')) as $one) {
            $name = $this->named($one, $names, 'neighbours');
            if ($name !== null) {
                $touched[$name] = $name;
            }
        }

        return array_values($touched);
    }

    /** @param  array<array-key, string>  $names */
    private function named(string $given, array $names, string $member): ?string
    {
        $name = $names[mb_strtolower($given)] ?? null;
        if ($name === null || $name === $this->cell('name')) {
            $this->problem($member, 'unknown-area', $name === null ? "No line is called \"{$given}\"; it is left out." : 'It is named as its own neighbour; that is left out.');

            return null;
        }

        return $name;
    }

    /**
     * @param  list<string>  $features
     * @return list<array{feature: string, pieces: int}>
     */
    private function pieces(array $features): array
    {
        $pieces = [];
        foreach (self::list($this->cell('pieces')) as $one) {
            if (preg_match('/^(?<pieces>\d{1,3})\s*(?:[x×]\s+)?(?<feature>\D.*)$/u', $one, $m) !== 1 && preg_match('/^(?<feature>.*\D)\s+(?<pieces>\d{1,3})$/u', $one, $m) !== 1 || (int) $m['pieces'] === 0) {
                $this->problem('features', 'unknown-pieces', "\"{$one}\" cannot be read; write how many and of what: 2 eye, 3 buckle. It is left out.");

                continue;
            }
            $feature = self::feature(trim($m['feature']), $features);
            $pieces[$feature] = ['feature' => $feature, 'pieces' => (int) $m['pieces']];
        }

        return array_values($pieces);
    }

    /**
     * One of those that the standard asks for, be it written in the plural; any other as it is written.
     *
     * @param  list<string>  $features
     */
    private static function feature(string $given, array $features): string
    {
        foreach ($features as $feature) {
            if (in_array(mb_strtolower($given), [mb_strtolower($feature), mb_strtolower($feature).'s', mb_strtolower($feature).'es'], true)) {
                return $feature;
            }
        }

        return $given;
    }

    private function focal(string $surface): bool
    {
        $given = mb_strtolower($this->cell('focal'));
        if (! in_array($given, [...self::YES, ...self::NO], true)) {
            $this->problem('focal', 'unknown-word', "\"{$this->cell('focal')}\" cannot be read; write yes where it draws the eye.");
        }

        return in_array($given, self::YES, true) || ($given === '' && in_array($surface, self::FOCAL, true));
    }

    /** @return list<string> */
    private static function list(string $cell): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/[,|+]/u', $cell) ?: []), static fn (string $one): bool => $one !== ''));
    }

    private function problem(string $member, string $code, string $message): void
    {
        $this->problems[] = ['line' => $this->line, 'path' => "/areas/{$this->place}/{$member}", 'code' => $code, 'message' => $message];
    }
}
