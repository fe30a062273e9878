<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Composition\TypeArea;
use Core\School\SchoolBook;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Core\Standard\Area;
use Core\Standard\Side;
use Document\Shape\Schema;

/**
 * The members of an area: of the reference figure, of a figure with its tiers, of a figure type with its places.
 *
 * @phpstan-type ReferenceAreaDocument array{
 *   id: string,
 *   surface: string,
 *   share: int|float,
 *   features?: array<array-key, int|float>,
 * }
 * @phpstan-type TypeAreaDocument array{
 *   id: string,
 *   surface: string,
 *   share: int|float,
 *   part?: string,
 *   depth: int|float,
 *   focal: bool,
 *   sides: non-empty-list<string>,
 *   features?: array<array-key, int|float>,
 *   neighbours?: list<string>,
 *   on?: string,
 *   places?: list<string>,
 *   unsure?: bool,
 * }
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class AreaMembers
{
    /** @return Members<Area> */
    public static function ofReference(): Members
    {
        return new Members(Area::class, [...self::needed(), self::features()]);
    }

    /** @return Members<Area> with a tier of its own */
    public static function ofFigure(): Members
    {
        return new Members(Area::class, [
            ...self::needed(),
            Member::optional('tier', Kind::id(), 'tier', "the area's own tier, when it differs from the figure's"),
            self::features(),
        ]);
    }

    /** @return Members<Area> with the school on it, too */
    public static function ofFigureInASchool(): Members
    {
        return new Members(Area::class, [...self::ofFigure()->all, self::afterShade()]);
    }

    /** @return Members<TypeArea> */
    public static function ofType(): Members
    {
        return new Members(TypeArea::class, [
            ...array_map(static fn (Member $member): Member => $member->within('area'), self::needed()),
            Member::needed('depth', Kind::whole()),
            Member::needed('focal', Kind::flag()),
            Member::needed('sides', Kind::listOf(Kind::word(Side::class), 1)),
            Member::optional('part', Kind::id(), 'part', 'the part of the figure that it is on'),
            self::features()->within('area'),
            Member::optional('neighbours', Kind::listOf(Kind::id()), 'neighbours', 'areas that it borders on'),
            Member::optional('on', Kind::id(), 'on', 'the area that it sits on or in'),
            Member::optional('places', Kind::listOf(Kind::id()), 'places', 'names of places on it'),
            Member::optional('unsure', Kind::flag(), 'isUnsure', 'whether nobody is sure what it is: its surface is a guess'),
        ]);
    }

    public static function afterShade(): Member
    {
        return Member::optional('after_shade', Kind::of(
            Schema::word(SchoolBook::words(SchoolQuestion::AfterShade)),
            static fn (mixed $value): Schools => (new Schools)->with(SchoolQuestion::AfterShade, is_string($value) ? $value : null),
            static fn (mixed $value): ?string => $value instanceof Schools ? $value->choice(SchoolQuestion::AfterShade) : null,
        ), 'schools', "the school on it, when it differs from its surface's");
    }

    /** @return list<Member> */
    private static function needed(): array
    {
        return [
            Member::needed('id', Kind::id()),
            Member::needed('surface', Kind::id()),
            Member::needed('share', Kind::over(0, 1)),
        ];
    }

    private static function features(): Member
    {
        return Member::optional('features', Kind::of(
            Schema::map(Schema::whole()),
            static fn (mixed $value): array => is_array($value) ? array_map(static fn (mixed $pieces): int => is_numeric($pieces) ? (int) $pieces : 0, $value) : [],
            static fn (mixed $value): mixed => $value,
        ), 'features', 'pieces by feature; 0 means the area has none');
    }
}
