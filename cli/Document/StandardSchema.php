<?php

declare(strict_types=1);

namespace Cli\Document;

use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\TechniqueGroup;

/**
 * The shape of the open format `ordotype-standard/1`.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class StandardSchema
{
    public const FORMAT = 'ordotype-standard/1';

    /** @return SchemaArray */
    public static function document(): array
    {
        return Schema::object([
            'format' => Schema::word([self::FORMAT]),
            'name' => Schema::text(),
            'version' => Schema::text(),
            'surfaces' => Schema::list(Schema::object(['id' => Schema::id(), 'name' => Schema::text()], ['needs_lay_in' => Schema::boolean(true)])),
            'techniques' => Schema::list(self::technique()),
            'tiers' => Schema::list(self::tier()),
            'requirements' => Schema::list(self::requirement()),
        ], [
            'reference' => self::reference(),
        ]);
    }

    /** @return SchemaArray */
    public static function use(): array
    {
        return Schema::object([], [
            'id' => Schema::id(),
            'technique' => Schema::id(),
            'any_of' => Schema::list(Schema::id(), 2),
            'coats' => Schema::whole(1, 1),
            'steps' => Schema::whole(1, 1),
            'extent' => Schema::wordOf(Extent::class, Extent::Every->value),
            'cover' => Schema::over(0, 1),
            'places' => Schema::list(Schema::id()),
            'minutes' => Schema::atLeast(0, 0),
            'fixed' => Schema::atLeast(0, 0),
            'each' => Schema::atLeast(0),
            'feature' => Schema::id(),
        ]) + [
            'if' => ['required' => ['technique']],
            'then' => ['properties' => ['any_of' => false]],
            'else' => ['if' => ['required' => ['any_of']], 'then' => ['required' => ['id']], 'else' => ['required' => ['technique']]],
        ];
    }

    /** @return SchemaArray */
    public static function criterion(): array
    {
        return Schema::object(
            ['id' => Schema::id(), 'text' => Schema::text(), 'severity' => Schema::wordOf(Severity::class)],
            ['uses' => Schema::list(Schema::id()), 'feature' => Schema::id()],
        );
    }

    /** @return SchemaArray */
    public static function features(): array
    {
        return Schema::map(Schema::whole());
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

    /** @return SchemaArray */
    private static function tier(): array
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
        ]);
    }

    /** @return SchemaArray */
    private static function technique(): array
    {
        return Schema::object([
            'id' => Schema::id(),
            'name' => Schema::text(),
            'group' => Schema::wordOf(TechniqueGroup::class),
            'opacity' => Schema::wordOf(Opacity::class),
        ], [
            'lies_on' => Schema::wordOf(LiesOn::class, LiesOn::All->value),
            'dry' => Schema::atLeast(0, 0),
            'messy' => Schema::boolean(false),
            'replaces' => Schema::list(Schema::id()),
        ]);
    }

    /** @return SchemaArray */
    private static function requirement(): array
    {
        return Schema::object([
            'tier' => Schema::id(),
            'surface' => Schema::id(),
            'uses' => Schema::list(self::use()),
        ], [
            'criteria' => Schema::list(self::criterion()),
        ]);
    }

    /** @return SchemaArray */
    private static function reference(): array
    {
        return Schema::object([
            'size' => Schema::over(0),
            'areas' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'surface' => Schema::id(), 'share' => Schema::over(0, 1)],
                ['features' => self::features()],
            )),
        ]);
    }
}
