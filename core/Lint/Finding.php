<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\NumberText;

/** One finding: what, where, and the words its sentence is made of (see {@see LintRule::sentence()}). */
final readonly class Finding
{
    /**
     * @param  string  $code of the rule that found it
     * @param  array<string, string|int|float>  $arguments
     */
    public function __construct(
        public string $code,
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

    /** An argument as it is read: measures to a tenth, without zeros at the end. */
    public function number(string $argument): string
    {
        $value = $this->arguments[$argument];

        return is_float($value) ? NumberText::of($value, 1) : (string) $value;
    }
}
