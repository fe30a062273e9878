<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Validation\Validator;

/** Numbers are numbers: `true` is no id, and "1 or so" no whole number. Addresses carry them as digits. */
final class StrictValidator extends Validator
{
    /** @param  array<array-key, mixed>  $parameters */
    public function validateInteger($attribute, $value, array $parameters = []): bool
    {
        return is_int($value) || (is_string($value) && preg_match('/^-?\d{1,18}$/D', $value) === 1) || (is_float($value) && floor($value) === $value && abs($value) < 1e15);
    }

    /** @param  array<array-key, mixed>  $parameters */
    public function validateNumeric($attribute, $value, array $parameters = []): bool
    {
        return is_int($value) || (is_float($value) && is_finite($value)) || (is_string($value) && preg_match('/^-?\d{1,18}(\.\d{1,18})?$/D', $value) === 1);
    }
}
