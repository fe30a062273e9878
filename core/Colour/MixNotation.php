<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\NumberText;

/**
 * A paint or a mix as it is written at the bench: `Gull White`, or `Gull White 1 + Weir Blue 3`, a
 * name and its parts, joined by plus signs. A name without a number in a mix stands for one part.
 */
final readonly class MixNotation
{
    /**
     * @param  string  $text as typed
     * @return non-empty-list<array{name: string, parts: float}> the parts of a paint alone are 1
     *
     * @throws UnreadableMix if a name is missing, or parts are not over 0
     */
    public static function read(string $text): array
    {
        $entries = [];
        foreach (explode('+', $text) as $entry) {
            $entries[] = self::entry(trim($entry), $text);
        }

        return $entries;
    }

    /** @param  list<array{name: string, parts: float}>  $entries */
    public static function write(array $entries): string
    {
        if (count($entries) === 1) {
            return $entries[0]['name'];
        }

        return implode(' + ', array_map(
            static fn (array $entry): string => $entry['name'].' '.NumberText::of($entry['parts'], 2),
            $entries,
        ));
    }

    /** @return array{name: string, parts: float} */
    private static function entry(string $entry, string $text): array
    {
        if ($entry === '') {
            throw UnreadableMix::nameMissing($text);
        }
        if (preg_match('/^(.*\S)\s+(-?\d+(?:[.,]\d+)?)$/u', $entry, $match) !== 1) {
            return ['name' => $entry, 'parts' => 1.0];
        }
        $parts = (float) str_replace(',', '.', $match[2]);
        if ($parts <= 0) {
            throw UnreadableMix::partsNotOverZero($match[1], $match[2]);
        }

        return ['name' => $match[1], 'parts' => $parts];
    }
}
