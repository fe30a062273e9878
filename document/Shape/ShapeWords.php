<?php

declare(strict_types=1);

namespace Document\Shape;

use Opis\JsonSchema\Errors\ValidationError;

/** The sentence for a value that does not have its shape: what it is, and what would be right. */
final readonly class ShapeWords
{
    public static function of(ValidationError $error): string
    {
        $args = $error->args();
        $given = self::value($error->data()->value());
        $bound = static fn (string $name): string => self::value($args[$name] ?? null);

        return match ($error->keyword()) {
            'type' => "This is {$given}; it must be ".self::expected($args['expected'] ?? '').'.',
            'enum' => "This is {$given}; it must be one of: ".implode(', ', self::words($error)).'.',
            'minimum' => "This is {$given}; it must be at least {$bound('min')}.",
            'exclusiveMinimum' => "This is {$given}; it must be over {$bound('min')}.",
            'maximum' => "This is {$given}; it must be at most {$bound('max')}.",
            'multipleOf' => "This is {$given}; it must be a whole number.",
            'minLength' => 'This is empty; it must be a text.',
            'minItems' => "There are too few entries; there must be at least {$bound('min')}.",
            'maxItems' => "There are too many entries; there may be at most {$bound('max')}.",
            'pattern' => "This is {$given}; a colour is written like #3e4c57.",
            'minProperties', 'maxProperties' => 'A colour is written by "hex" or by "lab", by one of them.',
            default => $error->message(),
        };
    }

    /** The code that the schema of the faulty value names for all that is wrong in it, if it names one. */
    public static function refusal(ValidationError $error): ?string
    {
        $code = self::schemaMember($error, Schema::REFUSAL);

        return is_string($code) ? $code : null;
    }

    /** The sentence for a value that is refused as a whole. */
    public static function refused(ValidationError $error): string
    {
        return 'This is '.self::value($error->data()->value()).'; it must be three numbers: L*, a* and b*.';
    }

    /** @return list<string> the members that the schema of the faulty object knows */
    public static function members(ValidationError $error): array
    {
        $properties = self::schemaMember($error, 'properties');

        return is_object($properties) ? array_keys(get_object_vars($properties)) : [];
    }

    private static function expected(mixed $type): string
    {
        return match ($type) {
            'object' => 'an object',
            'array' => 'a list',
            'string' => 'a text',
            'number' => 'a number',
            'boolean' => 'true or false',
            default => is_string($type) ? $type : 'of another type',
        };
    }

    /** @return list<string> */
    private static function words(ValidationError $error): array
    {
        $words = self::schemaMember($error, 'enum');

        return is_array($words) ? array_values(array_map(static fn (mixed $word): string => is_string($word) ? $word : (string) json_encode($word), $words)) : [];
    }

    private static function schemaMember(ValidationError $error, string $name): mixed
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) ? ($schema->{$name} ?? null) : null;
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            is_array($value) => 'a list',
            is_object($value) => 'an object',
            is_string($value) => '"'.mb_strimwidth($value, 0, 60, '…', 'UTF-8').'"',
            default => (string) json_encode($value),
        };
    }
}
