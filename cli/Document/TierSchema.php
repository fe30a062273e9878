<?php

declare(strict_types=1);

namespace Cli\Document;

use Core\Composition\SizeClass;
use Core\Standard\Checker;
use Core\Standard\Purpose;
use Core\Standard\Side;

/**
 * The shape of a tier in the format `ordotype-standard/1`.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class TierSchema
{
    /** @return SchemaArray */
    public static function tier(): array
    {
        return Schema::object([
            'id' => Schema::id(),
            'name' => Schema::text(),
            'rank' => Schema::whole(),
            ...self::judging(),
            'look_minutes' => Schema::over(0),
            'budget_minutes' => Schema::atLeast(0),
            'by_agreement' => Schema::boolean(),
            'retired' => Schema::boolean(),
        ], [
            'notice_arcmin' => Schema::atLeast(1, 1),
            'purpose' => Schema::wordOf(Purpose::class),
            'value_span' => Schema::between(0, 100),
            'price' => self::price(),
            'sampling' => Schema::boolean(false),
            'photograph' => Schema::boolean(false),
            'checked_by' => Schema::wordOf(Checker::class, Checker::Deputy->value),
            'note' => Schema::text(),
        ]);
    }

    /** @return SchemaArray */
    public static function limits(): array
    {
        return Schema::object(['critical' => Schema::whole(), 'major' => Schema::whole(), 'minor' => Schema::whole()]);
    }

    /** @return array<string, SchemaArray> the members of a tier that judging needs */
    public static function judging(): array
    {
        return [
            'distance_mm' => Schema::over(0),
            'sides' => Schema::list(Schema::wordOf(Side::class)),
            'limits' => self::limits(),
            'colour_tolerance' => Schema::atLeast(0),
        ];
    }

    /** @return SchemaArray by list or by the hour, one of the two */
    private static function price(): array
    {
        $classes = [];
        foreach (SizeClass::cases() as $class) {
            $classes[$class->value] = Schema::whole();
        }

        return Schema::object([], ['list' => Schema::object([], $classes), 'hourly' => Schema::whole()]) + [
            'if' => ['required' => ['list']],
            'then' => ['properties' => ['hourly' => false]],
            'else' => ['required' => ['hourly']],
        ];
    }
}
