<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Criterion;
use Core\Standard\Severity;

/**
 * The members of a criterion.
 *
 * @phpstan-type CriterionDocument array{
 *   id: string,
 *   text: string,
 *   severity: string,
 *   uses?: list<string>,
 *   feature?: string,
 *   size_mm?: int|float,
 *   presumes?: array<string, string>,
 * }
 */
final readonly class CriterionMembers
{
    /** @return Members<Criterion> */
    public static function all(): Members
    {
        return new Members(Criterion::class, [
            Member::needed('id', Kind::id()),
            Member::needed('text', Kind::text()),
            Member::needed('severity', Kind::word(Severity::class)),
            Member::optional('uses', self::judged(), 'uses', 'the uses that it judges; left out: the whole area'),
            Member::optional('feature', Kind::id(), 'feature', 'asked only of areas that have this piece'),
            Member::optional('size_mm', Kind::over(0), 'sizeMm', 'the smallest thing that it speaks of, in millimetres'),
            Member::optional('presumes', SchoolMembers::kind(), 'presumes', 'the choices of schools under which it makes sense'),
        ]);
    }

    /** None is the whole area, as is nothing said. */
    private static function judged(): Kind
    {
        $list = Kind::listOf(Kind::id());

        return Kind::of($list->schema, static fn (mixed $value): ?array => $value === [] ? null : (array) $list->read($value), $list->write(...));
    }
}
