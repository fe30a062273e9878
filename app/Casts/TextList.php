<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A list of texts in a JSON column; null when it was left out.
 *
 * @implements CastsAttributes<list<string>|null, list<string>|null>
 */
final class TextList implements CastsAttributes
{
    /** @return list<string>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $list = is_string($value) ? json_decode($value, true) : null;

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
