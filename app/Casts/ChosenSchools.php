<?php

declare(strict_types=1);

namespace App\Casts;

use Core\School\Schools;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Choices of schools in a JSON column, by question.
 *
 * @implements CastsAttributes<Schools, Schools>
 */
final class ChosenSchools implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Schools
    {
        /** @var array<string, string> $choices as they were checked when they were chosen */
        $choices = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];

        return new Schools($choices);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode((object) ($value instanceof Schools ? $value->choices : []), JSON_THROW_ON_ERROR);
    }
}
