<?php

declare(strict_types=1);

namespace Document\Shape;

/**
 * Words to write JSON Schemas with (draft 2020-12), as the arrays they are published as.
 *
 * @phpstan-type SchemaArray array<string, mixed>
 */
final readonly class Schema
{
    /** Larger magnitudes are no measures of this trade, and sums of them would no longer be numbers. */
    private const LARGEST = 1.0e12;

    /** Member of a schema that names the code for all that is wrong below it. Validators pass over it. */
    public const REFUSAL = 'x-refusal';

    /**
     * @param  array<string, SchemaArray>  $needed
     * @param  array<string, SchemaArray>  $optional
     * @return SchemaArray
     */
    public static function object(array $needed, array $optional = []): array
    {
        return [
            'type' => 'object',
            'properties' => $needed + $optional === [] ? new \stdClass : $needed + $optional,
            'required' => array_keys($needed),
            'additionalProperties' => false,
        ];
    }

    /**
     * @param  SchemaArray  $values
     * @return SchemaArray
     */
    public static function map(array $values): array
    {
        return ['type' => 'object', 'additionalProperties' => $values];
    }

    /**
     * @param  SchemaArray  $entries
     * @return SchemaArray
     */
    public static function list(array $entries, int $least = 0): array
    {
        return ['type' => 'array', 'items' => $entries] + ($least > 0 ? ['minItems' => $least] : []);
    }

    /** @return SchemaArray */
    public static function anything(): array
    {
        return ['type' => ['object', 'array', 'string', 'number', 'boolean']];
    }

    /** @return SchemaArray */
    public static function text(): array
    {
        return ['type' => 'string'];
    }

    /** @return SchemaArray */
    public static function id(): array
    {
        return ['type' => 'string', 'minLength' => 1];
    }

    /** @return SchemaArray */
    public static function boolean(?bool $default = null): array
    {
        return ['type' => 'boolean'] + ($default === null ? [] : ['default' => $default]);
    }

    /** @return SchemaArray */
    public static function whole(int $least = 0, ?int $default = null): array
    {
        return ['type' => 'number', 'multipleOf' => 1, 'minimum' => $least, 'maximum' => self::LARGEST] + ($default === null ? [] : ['default' => $default]);
    }

    /** @return SchemaArray of either sign */
    public static function number(): array
    {
        return ['type' => 'number', 'minimum' => -self::LARGEST, 'maximum' => self::LARGEST];
    }

    /** @return SchemaArray an id, or null for none */
    public static function idOrNull(): array
    {
        return ['type' => ['string', 'null'], 'minLength' => 1];
    }

    /** @return SchemaArray */
    public static function atLeast(int|float $least, int|float|null $default = null): array
    {
        return ['type' => 'number', 'minimum' => $least, 'maximum' => self::LARGEST] + ($default === null ? [] : ['default' => $default]);
    }

    /** @return SchemaArray */
    public static function over(int|float $bound, int|float|null $most = null, int|float|null $default = null): array
    {
        return ['type' => 'number', 'exclusiveMinimum' => $bound, 'maximum' => $most ?? self::LARGEST] + ($default === null ? [] : ['default' => $default]);
    }

    /** @return SchemaArray */
    public static function between(int|float $least, int|float $most): array
    {
        return ['type' => 'number', 'minimum' => $least, 'maximum' => $most];
    }

    /** @return SchemaArray */
    public static function colour(): array
    {
        return ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}$'];
    }

    /**
     * What of another shape is refused as a whole, by a code of its own.
     *
     * @param  SchemaArray  $schema
     * @return SchemaArray
     */
    public static function refusedAs(string $code, array $schema): array
    {
        return [self::REFUSAL => $code] + $schema;
    }

    /**
     * @param  list<string>  $words
     * @return SchemaArray
     */
    public static function word(array $words, ?string $default = null): array
    {
        return ['type' => 'string', 'enum' => $words] + ($default === null ? [] : ['default' => $default]);
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return SchemaArray
     */
    public static function wordOf(string $enum, ?string $default = null): array
    {
        return self::word(array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()), $default);
    }
}
