<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Requirement;
use Core\Standard\Surface;
use Document\Shape\Schema;

/**
 * The members of a requirement. Its uses, criteria and menus name each other and the standard around them; they
 * are read by a reader of their own.
 *
 * @phpstan-import-type UseDocument from UseMembers
 * @phpstan-import-type CriterionDocument from CriterionMembers
 * @phpstan-import-type MenuDocument from MenuMembers
 * @phpstan-import-type SchemaArray from Schema
 *
 * @phpstan-type RequirementDocument array{
 *   tier: string,
 *   surface: string,
 *   uses: list<UseDocument>,
 *   criteria?: list<CriterionDocument>,
 *   menu?: list<MenuDocument>,
 *   note?: string,
 * }
 */
final readonly class RequirementMembers
{
    /** @return Members<Requirement> */
    public static function all(): Members
    {
        return new Members(Requirement::class, [
            ...self::place(),
            Member::needed('uses', Kind::readElsewhere(Schema::list(UseMembers::schemaOfAny()))),
            Member::optional('criteria', Kind::readElsewhere(Schema::list(CriterionMembers::all()->schema())), 'criteria', 'what it is judged by'),
            Member::optional('menu', Kind::readElsewhere(Schema::list(MenuMembers::all()->schema())), 'menus', 'uses of which a job chooses some'),
            self::note(),
        ]);
    }

    /** @return Members<Requirement> what of it is read by itself; no schema is made for the rest, for a standard is read with each request */
    public static function readHere(): Members
    {
        return new Members(Requirement::class, [...self::place(), self::note()]);
    }

    /** @return SchemaArray only a requirement of the whole figure has uses that speak of it as one */
    public static function schema(): array
    {
        return self::all()->schema() + [
            'if' => ['properties' => ['surface' => ['const' => Surface::WHOLE]]],
            'else' => ['properties' => ['uses' => ['items' => UseMembers::onArea()]]],
        ];
    }

    /** @return list<Member> */
    private static function place(): array
    {
        return [Member::needed('tier', Kind::id()), Member::needed('surface', Kind::id())];
    }

    private static function note(): Member
    {
        return Member::optional('note', Kind::text(), 'note', 'words');
    }
}
