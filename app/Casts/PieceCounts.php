<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Pieces by feature in a JSON column; null when they were left out.
 *
 * @implements CastsAttributes<array<array-key, int>|null, array<array-key, int>|null>
 */
final class PieceCounts implements CastsAttributes
{
    /** @return array<array-key, int>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $counts = is_string($value) ? json_decode($value, true) : null;

        return is_array($counts) ? array_filter($counts, is_int(...)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode((object) $value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
