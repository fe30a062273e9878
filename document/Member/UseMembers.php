<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Extent;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Document\Shape\Schema;

/**
 * The members of a use. Its name and its techniques are read from several of them together.
 *
 * @phpstan-type UseDocument array{
 *   id?: string,
 *   technique?: string,
 *   any_of?: non-empty-list<string>,
 *   coats?: int|float,
 *   steps?: int|float,
 *   extent?: string,
 *   cover?: int|float,
 *   places?: list<string>,
 *   minutes?: int|float,
 *   fixed?: int|float,
 *   each?: int|float,
 *   feature?: string,
 *   coats_to?: int|float,
 *   steps_to?: int|float,
 *   note?: string,
 *   only_if?: string,
 *   likely?: int|float,
 *   not_places?: list<string>,
 *   in_turn_with?: string,
 *   material?: string,
 *   material_pieces?: int|float,
 *   stage?: string,
 *   except?: list<string>,
 * }
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class UseMembers
{
    /** Only a use of the figure as one has these. */
    public const OF_WHOLE = ['stage', 'except'];

    /** @return Members<TechniqueUse> of the degree: all but what it is called and done with */
    public static function degree(): Members
    {
        return new Members(TechniqueUse::class, [
            Member::optional('coats', Kind::whole(1), 'coats', 'how often it is laid')->called(new Called('Coats', 'degree', changed: 'coats')),
            Member::optional('steps', Kind::whole(1), 'steps', 'in how many steps')->called(new Called('Steps', 'degree', changed: 'steps')),
            Member::optional('extent', Kind::word(Extent::class), 'extent', 'how far it reaches: `spot` < `focal` < `upper` < `every`'),
            Member::optional('cover', Kind::over(0, 1), 'cover', 'share of the area it covers; shown only'),
            Member::optional('places', Kind::listOf(Kind::id()), 'places', 'where, more exactly; shown only'),
            Member::optional('minutes', Kind::atLeast(0), 'allowance.minutes', 'for one figure of size 1 wholly of this surface')->called(new Called('Minutes, whole figure of it', 'minutes', changed: 'minutes')),
            Member::optional('fixed', Kind::atLeast(0), 'allowance.fixed', 'minutes once an area')->called(new Called('Minutes an area', 'minutes', changed: 'minutes an area')),
            Member::optional('each', Kind::atLeast(0), 'allowance.each', 'minutes a piece of `feature`')->withoutDefault()->called(new Called('Minutes a piece', 'minutes', changed: 'minutes a %s')),
            Member::optional('feature', Kind::id(), 'feature', 'asked only of areas that have this piece'),
            Member::optional('coats_to', Kind::whole(1), 'leeway.coatsTo', 'up to so many coats, not less than `coats`; shown only')->called(new Called('Coats, at most', 'leeway')),
            Member::optional('steps_to', Kind::whole(1), 'leeway.stepsTo', 'up to so many steps, not less than `steps`; shown only')->called(new Called('Steps, at most', 'leeway')),
            Member::optional('note', Kind::text(), 'leeway.note', 'direction, load, brush, when to stop; shown only')->called(new Called('Note', 'leeway')),
            Member::optional('only_if', Kind::text(), 'leeway.onlyIf', 'when it is done at all, such as "the steps are too stark"; left out: always')->called(new Called('Only if', 'leeway')),
            Member::optional('likely', Kind::over(0, 1), 'allowance.likely', 'share of figures that take it; its minutes count so often')->called(new Called('Likely share of figures', 'leeway', step: 0.1)),
            Member::optional('not_places', Kind::listOf(Kind::text()), 'leeway.notPlaces', 'places that it leaves out; shown only'),
            Member::optional('in_turn_with', Kind::id(), 'leeway.inTurnWith', 'use of the same requirement whose steps take turns with these, mix by mix; shown only'),
            Member::optional('material', Kind::text(), 'material.name', 'what it takes by the piece: tuft, decal, mask')->called(new Called('Takes, by the piece', 'leeway')),
            Member::optional('material_pieces', Kind::over(0), 'material.pieces', 'pieces an area, or for each piece of `feature`')->called(new Called('Pieces of it', 'leeway')),
            Member::optional('stage', Kind::word(TechniqueGroup::class), 'overAll.stage', 'of surface `whole` only: before everything of this group or a later one; left out: the group of its technique')->withoutDefault(),
            Member::optional('except', Kind::listOf(Kind::id()), 'overAll.except', 'of surface `whole` only: surfaces that it is kept off')->withoutDefault(),
        ]);
    }

    /**
     * A use on an area has none of the members that speak of the figure as one.
     *
     * @return SchemaArray
     */
    public static function onArea(): array
    {
        return ['properties' => array_fill_keys(self::OF_WHOLE, false)];
    }

    /** @return SchemaArray of a use on an area */
    public static function schema(): array
    {
        return self::having(array_diff_key(self::degree()->schemas(false), array_flip(self::OF_WHOLE)));
    }

    /** @return SchemaArray of a use on an area or of the figure as one */
    public static function schemaOfAny(): array
    {
        return self::having(self::degree()->schemas(false));
    }

    /**
     * @param  array<string, SchemaArray>  $degree
     * @return SchemaArray
     */
    private static function having(array $degree): array
    {
        return Schema::object([], [
            'id' => Schema::id(),
            'technique' => Schema::id(),
            'any_of' => Schema::list(Schema::id(), 2),
            ...$degree,
        ]) + [
            'if' => ['required' => ['technique']],
            'then' => ['properties' => ['any_of' => false]],
            'else' => ['if' => ['required' => ['any_of']], 'then' => ['required' => ['id']], 'else' => ['required' => ['technique']]],
        ];
    }
}
