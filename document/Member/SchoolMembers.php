<?php

declare(strict_types=1);

namespace Document\Member;

use Core\School\SchoolBook;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Document\Shape\Schema;

/**
 * A choice for some of the questions that are painted differently and rightly so.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class SchoolMembers
{
    public static function kind(): Kind
    {
        return Kind::of(
            self::schema(),
            self::read(...),
            static fn (mixed $value): ?array => $value instanceof Schools && $value->choices !== [] ? $value->choices : null,
        );
    }

    private static function read(mixed $value): Schools
    {
        /** @var array<string, string> $value */
        return new Schools($value);
    }

    /** @return SchemaArray */
    public static function schema(): array
    {
        $questions = [];
        foreach (SchoolQuestion::cases() as $question) {
            $questions[$question->value] = Schema::word(SchoolBook::words($question));
        }

        return Schema::object([], $questions);
    }
}
