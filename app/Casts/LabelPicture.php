<?php

declare(strict_types=1);

namespace App\Casts;

use App\Export\LabelPng;
use Core\Mapping\LabelGrid;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * A picture of labels in a column of bytes, as PNG with a palette.
 *
 * @implements CastsAttributes<LabelGrid, LabelGrid>
 */
final class LabelPicture implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): LabelGrid
    {
        return LabelPng::grid(is_string($value) ? $value : '');
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof LabelGrid ? LabelPng::of($value) : throw new LogicException('A map without labels is none.');
    }
}
