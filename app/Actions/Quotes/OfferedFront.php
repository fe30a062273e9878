<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Composing\ComposedFigure;
use App\Models\FigureMap;

/** A figure as it is seen from the front, each area in the one colour that it is seen in. */
final readonly class OfferedFront
{
    /**
     * @param  callable(string): ?string  $colour hex, by area
     * @return array{type: string, width: int, height: int, areas: list<array{area: string, path: string, hex: string|null}>}
     */
    public static function of(ComposedFigure $figure, FigureMap $front, callable $colour): array
    {
        $areas = array_values(array_filter($front->drawn(), static fn (array $area): bool => $figure->type->area($area['area']) !== null));

        return ['type' => $figure->type->name, 'width' => $front->width, 'height' => $front->height, 'areas' => array_map(static fn (array $area): array => ['area' => $area['area'], 'path' => $area['path'], 'hex' => $colour($area['area'])], $areas)];
    }
}
