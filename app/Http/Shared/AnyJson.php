<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Any value of JSON: its shape is looked at by the schema of what it is. */
final class AnyJson implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
    }
}
