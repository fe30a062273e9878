<?php

declare(strict_types=1);

namespace Document\Shape;

use Core\Check\Zone;
use Core\Standard\Severity;
use Core\Standard\Side;

/**
 * The shape of a fault: each kind has members of its own.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class FaultSchema
{
    /** @return SchemaArray */
    public static function fault(): array
    {
        $kinds = self::kinds();

        return ['type' => 'object', 'properties' => ['kind' => Schema::word(array_keys($kinds))], 'required' => ['kind'], ...self::choice($kinds)];
    }

    /**
     * A chain of if, then, else over the kinds.
     *
     * @param  array<string, SchemaArray>  $kinds
     * @return SchemaArray
     */
    private static function choice(array $kinds): array
    {
        $kind = array_key_first($kinds);
        if ($kind === null) {
            return [];
        }
        $others = self::choice(array_slice($kinds, 1));

        return [
            'if' => ['required' => ['kind'], 'properties' => ['kind' => ['const' => $kind]]],
            'then' => $kinds[$kind],
            ...($others === [] ? [] : ['else' => $others]),
        ];
    }

    /** @return array<string, SchemaArray> */
    private static function kinds(): array
    {
        $side = Schema::wordOf(Side::class);
        $severity = Schema::wordOf(Severity::class);

        return [
            'criterion' => self::kind(['severity' => $severity], ['side' => $side]),
            'missing' => self::kind([], ['severity' => Schema::wordOf(Severity::class, Severity::Critical->value), 'side' => $side]),
            'colour' => self::kind(['delta_e' => Schema::atLeast(0)]),
            'flaw' => self::kind(
                ['size_mm' => Schema::atLeast(0), 'zone' => Schema::wordOf(Zone::class), 'side' => $side],
                ['delta_e' => Schema::atLeast(0)],
            ),
            'broken' => self::kind([]),
        ];
    }

    /**
     * @param  array<string, SchemaArray>  $needed
     * @param  array<string, SchemaArray>  $optional
     * @return SchemaArray
     */
    private static function kind(array $needed, array $optional = []): array
    {
        return Schema::object(['kind' => Schema::text(), ...$needed], [...$optional, 'waived' => Schema::boolean(false)]);
    }
}
