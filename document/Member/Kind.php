<?php

declare(strict_types=1);

namespace Document\Member;

use BackedEnum;
use Closure;
use Document\Shape\Schema;

/**
 * What a member may be: the schema of its value, and the way between a value of a document and one of the
 * core. A value to be read has the shape of the schema.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class Kind
{
    /**
     * @param  SchemaArray  $schema
     * @param  'text'|'number'|'switch'|'word'|'other'  $field what it is written in
     * @param  list<string>  $words of which a word is one
     */
    private function __construct(
        public array $schema,
        private ?Closure $read,
        private ?Closure $write,
        public string $field,
        public array $words = [],
    ) {
    }

    public static function text(): self
    {
        return new self(Schema::text(), null, null, 'text');
    }

    public static function id(): self
    {
        return new self(Schema::id(), null, null, 'text');
    }

    public static function flag(): self
    {
        return new self(Schema::boolean(), null, null, 'switch');
    }

    public static function whole(int $least = 0): self
    {
        return new self(Schema::whole($least), static fn (mixed $value): int => is_numeric($value) ? (int) $value : 0, null, 'number');
    }

    public static function over(int|float $bound, int|float|null $most = null): self
    {
        return self::measure(Schema::over($bound, $most));
    }

    public static function atLeast(int|float $least): self
    {
        return self::measure(Schema::atLeast($least));
    }

    public static function between(int|float $least, int|float $most): self
    {
        return self::measure(Schema::between($least, $most));
    }

    /**
     * What is read with a look at the rest of the document, by a reader of its own.
     *
     * @param  SchemaArray  $schema
     */
    public static function readElsewhere(array $schema): self
    {
        return new self($schema, null, null, 'other');
    }

    /** @param  class-string<BackedEnum>  $enum */
    public static function word(string $enum): self
    {
        return new self(
            Schema::wordOf($enum),
            static fn (mixed $value): BackedEnum => $enum::from(is_string($value) ? $value : ''),
            static fn (mixed $value): mixed => $value instanceof BackedEnum ? $value->value : $value,
            'word',
            array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()),
        );
    }

    public static function listOf(self $kind, int $least = 0): self
    {
        return new self(
            Schema::list($kind->schema, $least),
            static fn (mixed $value): array => array_map($kind->read(...), is_array($value) ? array_values($value) : []),
            static fn (mixed $value): array => array_map($kind->write(...), is_array($value) ? array_values($value) : []),
            'other',
        );
    }

    /**
     * @param  SchemaArray  $schema
     * @param  Closure(mixed): mixed  $read
     * @param  Closure(mixed): mixed  $write
     */
    public static function of(array $schema, Closure $read, Closure $write): self
    {
        return new self($schema, $read, $write, 'other');
    }

    public function read(mixed $value): mixed
    {
        return $this->read === null ? $value : ($this->read)($value);
    }

    public function write(mixed $value): mixed
    {
        return $value === null || $this->write === null ? $value : ($this->write)($value);
    }

    /** @param  SchemaArray  $schema */
    private static function measure(array $schema): self
    {
        return new self($schema, static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0, null, 'number');
    }
}
