<?php

declare(strict_types=1);

namespace Core\Record;

/** What a record says at a place, held to be of its kind: a record that was altered may hold anything. */
final readonly class Said
{
    /** @param  array<array-key, mixed>  $members */
    public function __construct(public array $members)
    {
    }

    /** @throws NotARecord if it is no object in JSON */
    public static function in(string $canonical): self
    {
        $record = json_decode($canonical, true);

        return is_array($record) ? new self($record) : throw NotARecord::at('the record');
    }

    public function at(string $name): self
    {
        $value = $this->members[$name] ?? null;

        return is_array($value) ? new self($value) : throw NotARecord::at($name);
    }

    /** @return list<self> */
    public function each(string $name): array
    {
        return array_map(
            static fn (mixed $entry): self => is_array($entry) ? new self($entry) : throw NotARecord::at($name),
            array_values($this->at($name)->members),
        );
    }

    public function text(string $name): string
    {
        return $this->textOrNull($name) ?? throw NotARecord::at($name);
    }

    public function textOrNull(string $name): ?string
    {
        $value = $this->members[$name] ?? null;

        return $value === null || is_string($value) ? $value : throw NotARecord::at($name);
    }

    public function whole(string $name): int
    {
        $value = $this->members[$name] ?? null;

        return is_int($value) ? $value : throw NotARecord::at($name);
    }

    public function number(string $name): float
    {
        return $this->numberOrNull($name) ?? throw NotARecord::at($name);
    }

    public function numberOrNull(string $name): ?float
    {
        $value = $this->members[$name] ?? null;

        return match (true) {
            $value === null => null,
            is_int($value), is_float($value) => (float) $value,
            default => throw NotARecord::at($name),
        };
    }

    public function isTrue(string $name): bool
    {
        return ($this->members[$name] ?? null) === true;
    }

    public function has(string $name): bool
    {
        return isset($this->members[$name]);
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        return array_map(static fn (mixed $entry): string => is_string($entry) ? $entry : throw NotARecord::at($name), array_values($this->at($name)->members));
    }
}
