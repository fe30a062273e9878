<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Optional members of a document in a JSON column; null when none is given. It is written as the JSON
 * text that the document had.
 *
 * @implements CastsAttributes<array<string, mixed>|null, string|null>
 */
final class GivenMembers implements CastsAttributes
{
    /** @return array<string, mixed>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $members = is_string($value) ? json_decode($value, true) : null;
        if (! is_array($members)) {
            return null;
        }

        /** @var array<string, mixed> $members */
        return $members;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value;
    }
}
