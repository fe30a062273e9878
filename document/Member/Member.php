<?php

declare(strict_types=1);

namespace Document\Member;

/**
 * One member of an object of the format, declared once: what it may be, where its value stands in the core,
 * and what it is called. Schema, reader, spelling, differences, form field and documentation follow from it.
 */
final readonly class Member
{
    /**
     * @param  string  $path where its value stands: an argument of the constructor, or one of an argument (`terms.valueSpan`)
     * @param  string  $meaning for the documentation of the format
     * @param  Called  $called what forms and differences call it
     */
    private function __construct(
        public string $name,
        public Kind $kind,
        public string $path,
        public bool $needed,
        public string $meaning = '',
        public Called $called = new Called,
        public bool $saysDefault = true,
    ) {
    }

    public static function needed(string $name, Kind $kind, ?string $path = null): self
    {
        return new self($name, $kind, $path ?? $name, true);
    }

    public static function optional(string $name, Kind $kind, string $path, string $meaning): self
    {
        return new self($name, $kind, $path, false, $meaning);
    }

    public function called(Called $called): self
    {
        return new self($this->name, $this->kind, $this->path, $this->needed, $this->meaning, $called, $this->saysDefault);
    }

    /** The schema says no default: what holds where it is left out hangs on another member. */
    public function withoutDefault(): self
    {
        return new self($this->name, $this->kind, $this->path, $this->needed, $this->meaning, $this->called, false);
    }

    /** The same member where its object is an argument of another. */
    public function within(string $argument): self
    {
        return new self($this->name, $this->kind, "{$argument}.{$this->path}", $this->needed, $this->meaning, $this->called, $this->saysDefault);
    }
}
