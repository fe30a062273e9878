<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Extent;
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
 * }
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class UseMembers
{
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
        ]);
    }

    /** @return SchemaArray */
    public static function schema(): array
    {
        return Schema::object([], [
            'id' => Schema::id(),
            'technique' => Schema::id(),
            'any_of' => Schema::list(Schema::id(), 2),
            ...self::degree()->schemas(false),
        ]) + [
            'if' => ['required' => ['technique']],
            'then' => ['properties' => ['any_of' => false]],
            'else' => ['if' => ['required' => ['any_of']], 'then' => ['required' => ['id']], 'else' => ['required' => ['technique']]],
        ];
    }
}
