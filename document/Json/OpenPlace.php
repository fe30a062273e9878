<?php

declare(strict_types=1);

namespace Document\Json;

/** An object or a list that was begun and not ended yet, while a text is walked through. */
final class OpenPlace
{
    /** @var array<array-key, true> names seen in it */
    private array $names = [];

    private string $name = '';

    private int $at = 0;

    public function __construct(private readonly bool $isObject)
    {
    }

    public function next(): void
    {
        $this->at++;
    }

    /** Takes up a name; false where it stood in this object already. */
    public function take(string $name): bool
    {
        $isNew = ! isset($this->names[$name]);
        $this->names[$name] = true;
        $this->name = $name;

        return $isNew;
    }

    /** Where one is in it. */
    public function step(): string|int
    {
        return $this->isObject ? $this->name : $this->at;
    }
}
