<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Area;
use Core\Standard\ReferenceFigure;
use Document\Shape\Schema;

/**
 * The members of the reference figure.
 *
 * @phpstan-import-type ReferenceAreaDocument from AreaMembers
 *
 * @phpstan-type ReferenceDocument array{
 *   areas: list<ReferenceAreaDocument>,
 *   size?: int|float,
 *   name?: string,
 * }
 */
final readonly class ReferenceMembers
{
    /** @return Members<ReferenceFigure> */
    public static function all(): Members
    {
        return new Members(ReferenceFigure::class, [
            Member::needed('areas', self::areas()),
            Member::optional('size', Kind::over(0), 'size', 'work relative to a foot figure'),
            Member::optional('name', Kind::text(), 'name', 'what such a figure is called, as in "4 min a lamplighter"'),
        ]);
    }

    private static function areas(): Kind
    {
        $members = AreaMembers::ofReference();

        return Kind::of(
            Schema::list($members->schema()),
            static fn (mixed $value): array => is_array($value) ? array_map(static fn (mixed $area): Area => $members->read(is_array($area) ? $area : []), array_values($value)) : [],
            static fn (mixed $value): array => is_array($value) ? array_map(static fn (mixed $area): mixed => $area instanceof Area ? $members->spell($area) : $area, array_values($value)) : [],
        );
    }
}
