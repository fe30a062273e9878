<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\OrderReason;
use Core\Standard\OrderWhere;
use Core\Standard\PlateShape;
use Core\Standard\Precedence;
use Core\Standard\Sheen;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;

/**
 * The members of a technique.
 *
 * @phpstan-type PrecedenceDocument array{technique: string, why: string, where?: string, needed?: bool}
 * @phpstan-type TechniqueDocument array{
 *   id: string,
 *   name: string,
 *   group: string,
 *   opacity: string,
 *   lies_on?: string,
 *   dry?: int|float,
 *   messy?: bool,
 *   replaces?: list<string>,
 *   texture?: string,
 *   sheen?: string,
 *   thinning?: string,
 *   tool?: string,
 *   caution?: string,
 *   note?: string,
 *   prone_to?: list<string>,
 *   poor_on?: list<string>,
 *   wet_into?: list<string>,
 *   look?: bool,
 *   comes_after?: list<PrecedenceDocument>,
 *   comes_before?: list<PrecedenceDocument>,
 * }
 */
final readonly class TechniqueMembers
{
    /** @return Members<Technique> */
    public static function all(): Members
    {
        return new Members(Technique::class, [
            Member::needed('id', Kind::id()),
            Member::needed('name', Kind::text())->called(new Called('Name', 'head')),
            Member::needed('group', Kind::word(TechniqueGroup::class))->called(new Called('Group', 'character')),
            Member::needed('opacity', Kind::word(Opacity::class))->called(new Called('Opacity', 'character')),
            Member::optional('lies_on', Kind::word(LiesOn::class), 'liesOn', 'where its paint ends up: `all`, `recess`, `face`, `edge`, `point`')->called(new Called('Lies on', 'character')),
            Member::optional('dry', Kind::atLeast(0), 'dryMinutes', 'minutes till the next layer')->called(new Called('Dry after', 'character', 'min')),
            Member::optional('messy', Kind::flag(), 'messy', 'whether it soils neighbours')->called(new Called('Messy: it soils neighbours', 'character')),
            Member::optional('replaces', Kind::listOf(Kind::id()), 'replaces', 'techniques it does the work of'),
            Member::optional('texture', Kind::word(Texture::class), 'texture', 'how its paint looks')->called(new Called('Looks', 'character')),
            Member::optional('sheen', Kind::word(Sheen::class), 'sheen', 'how a finish shines')->called(new Called('Sheen', 'character')),
            Member::optional('thinning', Kind::text(), 'handling.thinning', 'words for the bench')->called(new Called('How thin', 'bench')),
            Member::optional('tool', Kind::text(), 'handling.tool', 'words for the bench')->called(new Called('With what', 'bench')),
            Member::optional('caution', Kind::text(), 'handling.caution', 'words for the bench, shown with every step')
                ->called(new Called('Caution', 'words', rows: 2, hint: "The product's safety data sheet and local rules come first.")),
            Member::optional('note', Kind::text(), 'handling.note', 'words for the bench')->called(new Called('Note', 'words', rows: 2)),
            Member::optional('prone_to', Kind::listOf(Kind::id()), 'handling.proneTo', 'faults that it often leaves'),
            Member::optional('poor_on', Kind::listOf(Kind::word(PlateShape::class)), 'poorOn', 'kinds of surface that it does badly on, by what their plate is drawn as'),
            Member::optional('wet_into', Kind::listOf(Kind::id()), 'wetInto', 'techniques whose paint it is laid into while that is wet, where it lies directly on it'),
            Member::optional('look', Kind::flag(), 'look', 'whether it is a look by who may check: no paint, and what comes after it waits until it is taken')->called(new Called('A look: what comes after waits for it', 'character')),
            Member::optional('comes_after', self::precedences(true), 'after', 'list of `technique`, `why` (`drying`, `access`, `protection`, `adhesion`), `where` (`area`, `figure`), `needed` where it may not be missing'),
            Member::optional('comes_before', self::precedences(false), 'before', 'list of `technique`, `why`, `where`'),
        ]);
    }

    private static function precedences(bool $canBeNeeded): Kind
    {
        $members = new Members(Precedence::class, [
            Member::needed('technique', Kind::id()),
            Member::needed('why', Kind::word(OrderReason::class)),
            Member::optional('where', Kind::word(OrderWhere::class), 'where', '`area` (the same) or `figure` (anywhere on it)'),
            ...($canBeNeeded ? [Member::optional('needed', Kind::flag(), 'needed', 'whether it may not be missing')] : []),
        ]);

        return Kind::listOf(Kind::of(
            $members->schema(),
            static fn (mixed $value): Precedence => $members->read(is_array($value) ? $value : []),
            static fn (mixed $value): ?array => $value instanceof Precedence ? $members->spell($value) : null,
        ));
    }
}
