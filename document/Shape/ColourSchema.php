<?php

declare(strict_types=1);

namespace Document\Shape;

/**
 * Shapes of colours and paints in mixes.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class ColourSchema
{
    /** No colour is further out. */
    public const FURTHEST = 1.0e12;

    /**
     * By hex or by L*a*b*, one of them.
     *
     * @return SchemaArray
     */
    public static function either(): array
    {
        $lab = ['type' => 'array', 'items' => Schema::between(-self::FURTHEST, self::FURTHEST), 'minItems' => 3, 'maxItems' => 3];

        return Schema::object([], ['hex' => Schema::colour(), 'lab' => Schema::refusedAs('bad-colour', $lab)])
            + ['minProperties' => 1, 'maxProperties' => 1];
    }
}
