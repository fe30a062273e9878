<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigureTypes;
use App\Http\Shared\Resource;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Listing\UsualBorder;
use Core\Standard\Side;
use Core\Standard\Surface;

/**
 * What follows from a list of areas.
 *
 * @phpstan-type OutlinedArea array{name: string, share: float, depth: int, sides: list<value-of<Side>>}
 * @phpstan-type Outline array{
 *   areas: list<OutlinedArea>,
 *   usual: list<array{area: string, other: string, why: string}>,
 *   without_neighbours: list<string>,
 * }
 */
final readonly class OutlineResource extends Resource
{
    /** @param  list<UsualBorder>  $usual */
    public function __construct(
        private FigureType $type,
        private array $usual,
    ) {
    }

    /** @return Outline */
    public function toArray(): array
    {
        $areas = array_filter($this->type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE);

        return [
            'areas' => array_values(array_map(static fn (TypeArea $area): array => [
                'name' => $area->area->id,
                'share' => $area->area->share,
                'depth' => $area->depth,
                'sides' => array_map(static fn (Side $side): string => $side->value, $area->sides),
            ], $areas)),
            'usual' => array_map(static fn (UsualBorder $border): array => ['area' => $border->area, 'other' => $border->other, 'why' => $border->why], $this->usual),
            'without_neighbours' => FigureTypes::withoutNeighbours($this->type),
        ];
    }
}
