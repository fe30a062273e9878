<?php

declare(strict_types=1);

namespace Cli\Document;

use Core\Standard\Extent;
use Core\Standard\PlateShape;
use Core\Standard\SchoolQuestion;
use Core\Standard\Severity;

/**
 * The shape of the open format `ordotype-standard/1`.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class StandardSchema
{
    public const FORMAT = 'ordotype-standard/1';

    /** @return SchemaArray */
    public static function document(): array
    {
        return Schema::object([
            'format' => Schema::word([self::FORMAT]),
            'name' => Schema::text(),
            'version' => Schema::text(),
            'surfaces' => Schema::list(self::surface()),
            'techniques' => Schema::list(TechniqueSchema::technique()),
            'tiers' => Schema::list(TierSchema::tier()),
            'requirements' => Schema::list(self::requirement()),
        ], self::optional());
    }

    /** @return SchemaArray what of a document belongs to no surface, technique, tier or cell */
    public static function head(): array
    {
        return Schema::object(['name' => Schema::text(), 'version' => Schema::text()], self::optional());
    }

    /** @return array<string, SchemaArray> */
    private static function optional(): array
    {
        return [
            'reference' => self::reference(),
            'schools' => self::schools(),
            'accepted' => Schema::list(self::acceptance()),
            'notes' => Schema::text(),
        ];
    }

    /** @return SchemaArray */
    public static function use(): array
    {
        return Schema::object([], [
            'id' => Schema::id(),
            'technique' => Schema::id(),
            'any_of' => Schema::list(Schema::id(), 2),
            'coats' => Schema::whole(1, 1),
            'steps' => Schema::whole(1, 1),
            'extent' => Schema::wordOf(Extent::class, Extent::Every->value),
            'cover' => Schema::over(0, 1),
            'places' => Schema::list(Schema::id()),
            'minutes' => Schema::atLeast(0, 0),
            'fixed' => Schema::atLeast(0, 0),
            'each' => Schema::atLeast(0),
            'feature' => Schema::id(),
        ]) + [
            'if' => ['required' => ['technique']],
            'then' => ['properties' => ['any_of' => false]],
            'else' => ['if' => ['required' => ['any_of']], 'then' => ['required' => ['id']], 'else' => ['required' => ['technique']]],
        ];
    }

    /** @return SchemaArray */
    public static function criterion(): array
    {
        return Schema::object(
            ['id' => Schema::id(), 'text' => Schema::text(), 'severity' => Schema::wordOf(Severity::class)],
            ['uses' => Schema::list(Schema::id()), 'feature' => Schema::id(), 'size_mm' => Schema::over(0), 'presumes' => self::schools()],
        );
    }

    /** @return SchemaArray */
    public static function features(): array
    {
        return Schema::map(Schema::whole());
    }

    /** @return SchemaArray a choice for some of the questions */
    public static function schools(): array
    {
        $questions = [];
        foreach (SchoolQuestion::cases() as $question) {
            $questions[$question->value] = Schema::word($question->words());
        }

        return Schema::object([], $questions);
    }

    /** @return SchemaArray */
    public static function surface(): array
    {
        return Schema::object(['id' => Schema::id(), 'name' => Schema::text()], [
            'needs_lay_in' => Schema::boolean(true),
            'note' => Schema::text(),
            'group' => Schema::text(),
            'plate' => Schema::wordOf(PlateShape::class),
            'schools' => self::schools(),
        ]);
    }

    /** @return SchemaArray */
    public static function requirement(): array
    {
        return Schema::object([
            'tier' => Schema::id(),
            'surface' => Schema::id(),
            'uses' => Schema::list(self::use()),
        ], [
            'criteria' => Schema::list(self::criterion()),
            'menu' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'uses' => Schema::list(Schema::id(), 1)],
                ['name' => Schema::text(), 'choose' => Schema::whole(1)],
            )),
            'note' => Schema::text(),
        ]);
    }

    /** @return SchemaArray */
    private static function reference(): array
    {
        return Schema::object([
            'areas' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'surface' => Schema::id(), 'share' => Schema::over(0, 1)],
                ['features' => self::features()],
            )),
        ], ['size' => Schema::over(0, null, 1), 'name' => Schema::text()]);
    }

    /** @return SchemaArray */
    private static function acceptance(): array
    {
        return Schema::object(
            ['code' => Schema::id(), 'tier' => Schema::id(), 'reason' => Schema::id()],
            ['surface' => Schema::id(), 'use' => Schema::id(), 'by' => Schema::text()],
        );
    }
}
