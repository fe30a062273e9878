<?php

declare(strict_types=1);

namespace App\Http\Shared;

use BackedEnum;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** One of these words and no other. */
final readonly class OneOf implements ValidationRule
{
    /** @param  list<string>  $words */
    private function __construct(public array $words)
    {
    }

    public static function words(string ...$words): self
    {
        return new self(array_values($words));
    }

    /** @param  class-string<BackedEnum>  $enum */
    public static function of(string $enum): self
    {
        return new self(array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! in_array($value, $this->words, true)) {
            $fail('This is one of '.implode(', ', $this->words).'.');
        }
    }
}
