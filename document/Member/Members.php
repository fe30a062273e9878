<?php

declare(strict_types=1);

namespace Document\Member;

use BackedEnum;
use Document\Shape\Schema;

/**
 * The members of one object of the format, and the object of the core that they are read to.
 *
 * @phpstan-import-type SchemaArray from Schema
 *
 * @template T of object
 */
final readonly class Members
{
    /**
     * @param  class-string<T>  $class
     * @param  list<Member>  $all in the order that a document is spelled in
     */
    public function __construct(
        private string $class,
        public array $all,
    ) {
    }

    /** @return SchemaArray */
    public function schema(): array
    {
        return Schema::object($this->schemas(true), $this->schemas(false));
    }

    /** @return array<string, SchemaArray> of the needed members, or of the others */
    public function schemas(bool $needed): array
    {
        $schemas = [];
        foreach ($this->all as $member) {
            if ($member->needed === $needed) {
                $schemas[$member->name] = $member->kind->schema + $this->default($member);
            }
        }

        return $schemas;
    }

    /**
     * @param  array<array-key, mixed>  $document its shape checked before
     * @param  array<string, mixed>  $further arguments that are read from more than one member
     * @return T
     */
    public function read(array $document, array $further = []): object
    {
        $arguments = [];
        foreach ($this->all as $member) {
            if (array_key_exists($member->name, $document)) {
                $arguments[$member->path] = $member->kind->read($document[$member->name]);
            }
        }

        return Construction::of($this->class, $further + $arguments);
    }

    /**
     * @param  T  $value
     * @return array<string, mixed> every member; null where there is nothing to say
     */
    public function spell(object $value): array
    {
        $spelled = [];
        foreach ($this->all as $member) {
            $written = $member->kind->write(Construction::at($value, $member->path));
            $spelled[$member->name] = $written === '' && ! $member->needed ? null : $written;
        }

        return $spelled;
    }

    public function of(string $name): ?Member
    {
        foreach ($this->all as $member) {
            if ($member->name === $name) {
                return $member;
            }
        }

        return null;
    }

    /** What holds where the member is left out, as a document would write it; null where that is nothing, or hangs on another member. */
    public function otherwise(Member $member): string|int|float|bool|null
    {
        $value = $member->needed || ! $member->saysDefault ? null : Construction::otherwise($this->class, $member->path);
        $value = $value instanceof BackedEnum ? $value->value : $value;

        return is_scalar($value) && $value !== '' ? $value : null;
    }

    /** @return SchemaArray */
    private function default(Member $member): array
    {
        $value = $this->otherwise($member);

        return $value === null ? [] : ['default' => is_float($value) && floor($value) === $value ? (int) $value : $value];
    }
}
