<?php

declare(strict_types=1);

namespace Document\Figure;

use Document\Member\AreaMembers;
use Document\Member\CriterionMembers;
use Document\Member\UseMembers;
use Document\Shape\Schema;

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
        $members = AreaMembers::ofFigure();
        $area = Schema::object($members->schemas(true), $members->schemas(false) + $ofArea);
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
