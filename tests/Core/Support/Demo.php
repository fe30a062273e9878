<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Standard\Standard;
use Core\Standard\Tier;
use Document\Figure\FigureTypeFile;
use Document\Standard\StandardReader;

/**
 * The demo's standard and figure types: every type at every tier, to hold properties against. Invented.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final readonly class Demo
{
    /** @return StandardDocument */
    public static function document(): array
    {
        /** @var StandardDocument */
        return json_decode(self::file('kittiwake-standard.json'), true, 512, JSON_THROW_ON_ERROR);
    }

    public static function standard(): Standard
    {
        return StandardReader::ofSound()->read(self::document());
    }

    /** @return array<string, FigureType> */
    public static function types(): array
    {
        return FigureTypeFile::read(self::file('port-ember-figure-types.json'));
    }

    /** @return iterable<string, array{Standard, FigureType, Tier, Composition}> each type at each tier */
    public static function figures(): iterable
    {
        $standard = self::standard();
        foreach (self::types() as $key => $type) {
            foreach ($standard->tiersByRank() as $tier) {
                yield "{$key} at {$tier->id}" => [$standard, $type, $tier, self::compose($standard, $type, $tier)];
            }
        }
    }

    public static function compose(Standard $standard, FigureType $type, Tier $tier): Composition
    {
        return (new Composer($standard))->composeType($type, $tier->id);
    }

    private static function file(string $name): string
    {
        return (string) file_get_contents(__DIR__."/../../../database/demo/{$name}");
    }
}
