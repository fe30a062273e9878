<?php

declare(strict_types=1);

namespace Document\Standard;

use Document\Member\AcceptanceMembers;
use Document\Member\ReferenceMembers;
use Document\Member\RequirementMembers;
use Document\Member\SchoolMembers;
use Document\Member\SurfaceMembers;
use Document\Member\TechniqueMembers;
use Document\Member\TierMembers;
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
            'requirements' => Schema::list(RequirementMembers::schema()),
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
            'reference' => ReferenceMembers::all()->schema(),
            'schools' => SchoolMembers::schema(),
            'accepted' => Schema::list(AcceptanceMembers::all()->schema()),
            'notes' => Schema::text(),
        ];
    }
}
