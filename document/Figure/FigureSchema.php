<?php

declare(strict_types=1);

namespace Document\Figure;

use Document\Member\CriterionMembers;
use Document\Member\UseMembers;
use Document\Shape\Schema;
use Document\Standard\StandardSchema;

/**
 * The shape of a figure with its variations.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class FigureSchema
{
    /**
     * @param  array<string, SchemaArray>  $ofArea further members of an area
     * @return SchemaArray
     */
    public static function model(array $ofArea = []): array
    {
        $area = Schema::object(
            ['id' => Schema::id(), 'surface' => Schema::id(), 'share' => Schema::over(0, 1)],
            ['tier' => Schema::id(), 'features' => StandardSchema::features()] + $ofArea,
        );
        $names = ['area' => Schema::id(), 'use' => Schema::id()];

        return Schema::object(['tier' => Schema::id(), 'areas' => Schema::list($area)], [
            'size' => Schema::over(0, null, 1),
            'add' => Schema::list(Schema::object(
                ['area' => Schema::id(), 'use' => UseMembers::schemaOfAny()],
                ['criteria' => Schema::list(CriterionMembers::all()->schema())],
            )),
            'waive' => Schema::list(Schema::object([...$names, 'reason' => Schema::text()])),
            'choose' => Schema::list(Schema::object([...$names, 'technique' => Schema::id()])),
        ]);
    }
}
