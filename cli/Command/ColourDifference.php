<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\ColourDifference as Difference;
use Core\Colour\Srgb;

use function count;

use Document\Shape\ColourSchema;
use Document\Shape\Schema;

use function is_array;
use function is_float;
use function is_int;
use function is_string;
use function preg_match;

/**
 * `colour-difference`: CIEDE2000 of pairs of colours.
 *
 * @phpstan-type ColourDocument array{hex: string}|array{lab: array{int|float, int|float, int|float}}
 */
final readonly class ColourDifference implements HasLongList
{
    private const MOST_PAIRS = 100_000;

    public function name(): string
    {
        return 'colour-difference';
    }

    public function summary(): string
    {
        return 'how far colours are apart, by CIEDE2000';
    }

    public function schema(): array
    {
        return Schema::object(['pairs' => Schema::list(Schema::object(['a' => ColourSchema::either(), 'b' => ColourSchema::either()])) + ['maxItems' => self::MOST_PAIRS]]);
    }

    public function longList(): string
    {
        return 'pairs';
    }

    public function isSound(mixed $entry): bool
    {
        return is_array($entry) && count($entry) === 2 && self::isColour($entry['a'] ?? null) && self::isColour($entry['b'] ?? null);
    }

    public function run(array $input): array
    {
        /** @var array{pairs: list<array{a: ColourDocument, b: ColourDocument}>} $input */
        $differences = [];
        foreach ($input['pairs'] as ['a' => $a, 'b' => $b]) {
            [$l1, $a1, $b1] = $a['lab'] ?? Srgb::fromHex($a['hex'])->lab()->toArray();
            [$l2, $a2, $b2] = $b['lab'] ?? Srgb::fromHex($b['hex'])->lab()->toArray();
            $differences[] = Difference::of((float) $l1, (float) $a1, (float) $b1, (float) $l2, (float) $a2, (float) $b2);
        }

        return ['deltaE00' => $differences];
    }

    private static function isColour(mixed $colour): bool
    {
        if (! is_array($colour) || count($colour) !== 1) {
            return false;
        }
        if (isset($colour['hex'])) {
            return is_string($colour['hex']) && preg_match('/^#[0-9a-fA-F]{6}$/D', $colour['hex']) === 1;
        }
        $lab = $colour['lab'] ?? null;

        return is_array($lab) && count($lab) === 3 && isset($lab[0], $lab[1], $lab[2])
            && (is_float($lab[0]) || is_int($lab[0])) && (is_float($lab[1]) || is_int($lab[1])) && (is_float($lab[2]) || is_int($lab[2]))
            && max($lab) <= ColourSchema::FURTHEST && min($lab) >= -ColourSchema::FURTHEST;
    }
}
