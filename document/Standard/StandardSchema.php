<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Surface;
use Document\Member\CriterionMembers;
use Document\Member\SchoolMembers;
use Document\Member\SurfaceMembers;
use Document\Member\TechniqueMembers;
use Document\Member\TierMembers;
use Document\Member\UseMembers;
use Document\Shape\Schema;

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
            'surfaces' => Schema::list(SurfaceMembers::all()->schema()),
            'techniques' => Schema::list(TechniqueMembers::all()->schema()),
            'tiers' => Schema::list(TierMembers::all()->schema()),
            'requirements' => Schema::list(self::requirement()),
        ], self::optional());
    }

    /** @return SchemaArray what of a document belongs to no surface, technique, tier or cell */
    public static function head(): array
    {
        return Schema::object(['name' => Schema::text(), 'version' => Schema::text()], self::optional());
    }

    /** @return array<string, SchemaArray> */
    private static function optional(): array
    {
        return [
            'reference' => self::reference(),
            'schools' => SchoolMembers::schema(),
            'accepted' => Schema::list(self::acceptance()),
            'notes' => Schema::text(),
        ];
    }

    /** @return SchemaArray */
    public static function features(): array
    {
        return Schema::map(Schema::whole());
    }

    /** @return SchemaArray */
    public static function requirement(): array
    {
        return Schema::object([
            'tier' => Schema::id(),
            'surface' => Schema::id(),
            'uses' => Schema::list(UseMembers::schemaOfAny()),
        ], [
            'criteria' => Schema::list(CriterionMembers::all()->schema()),
            'menu' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'uses' => Schema::list(Schema::id(), 1)],
                ['name' => Schema::text(), 'choose' => Schema::whole(1)],
            )),
            'note' => Schema::text(),
        ]) + [
            'if' => ['properties' => ['surface' => ['const' => Surface::WHOLE]]],
            'else' => ['properties' => ['uses' => ['items' => UseMembers::onArea()]]],
        ];
    }

    /** @return SchemaArray */
    private static function reference(): array
    {
        return Schema::object([
            'areas' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'surface' => Schema::id(), 'share' => Schema::over(0, 1)],
                ['features' => self::features()],
            )),
        ], ['size' => Schema::over(0, null, 1), 'name' => Schema::text()]);
    }

    /** @return SchemaArray */
    private static function acceptance(): array
    {
        return Schema::object(
            ['code' => Schema::id(), 'tier' => Schema::id(), 'reason' => Schema::id()],
            ['surface' => Schema::id(), 'use' => Schema::id(), 'by' => Schema::text()],
        );
    }
}
