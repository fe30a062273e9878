<?php

declare(strict_types=1);

namespace App\Casts;

use Document\Standard\StandardText;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A part of a document of the format `ordotype-standard/1` in a JSON column, equal as JSON to what it was.
 *
 * @implements CastsAttributes<array<array-key, mixed>, array<array-key, mixed>>
 */
final class DocumentJson implements CastsAttributes
{
    /** @return array<array-key, mixed> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $decoded = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];

        return is_array($decoded) ? $decoded : [];
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return self::text($value ?? []);
    }

    /** @param  array<array-key, mixed>  $value */
    public static function text(array $value): string
    {
        return $value === [] ? '{}' : StandardText::of($value, JSON_PRESERVE_ZERO_FRACTION);
    }
}
