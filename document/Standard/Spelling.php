<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Criterion;
use Core\Standard\TechniqueUse;
use Document\Member\CriterionMembers;
use Document\Member\UseMembers;

/** Parts of a standard written whole, with defaults spelled out: what only spells out a default is the same. */
final readonly class Spelling
{
    /** @return array<string, mixed> minutes a piece only where there is a piece */
    public static function use(TechniqueUse $use): array
    {
        $degree = UseMembers::degree()->spell($use);

        return ['id' => $use->id]
            + ($use->leavesMethodOpen() ? ['any_of' => $use->techniques] : ['technique' => $use->techniques[0]])
            + self::given($use->feature === null ? array_diff_key($degree, ['each' => true]) : $degree);
    }

    /** @return array<string, mixed> */
    public static function criterion(Criterion $criterion): array
    {
        return self::given(CriterionMembers::all()->spell($criterion));
    }

    /**
     * @param  array<string, mixed>  $spelled
     * @return array<string, mixed>
     */
    private static function given(array $spelled): array
    {
        return array_filter($spelled, static fn (mixed $value): bool => $value !== null);
    }
}
