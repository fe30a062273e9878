<?php

declare(strict_types=1);

namespace Core\Lint;

/** One finding: what, where, and the words its sentence is made of (see {@see FindingText}). */
final readonly class Finding
{
    /** @param  array<string, string|int|float>  $arguments */
    public function __construct(
        public FindingCode $code,
        public string $tier,
        public ?string $surface = null,
        public ?string $use = null,
        public array $arguments = [],
    ) {
    }

    /** Equal for findings that say the same thing of the same place. */
    public function place(): string
    {
        return json_encode([$this->code, $this->tier, $this->surface, $this->use], JSON_THROW_ON_ERROR);
    }
}
