<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Composition\FigureType;
use Core\Standard\Side;

/** The sides of a figure that are laid out as pictures. */
final readonly class FigureMap
{
    /**
     * @param  list<SideMap>  $sides
     * @param  string  $at pointer to their list
     *
     * @throws NotAMap if a side stands twice
     */
    public function __construct(
        public array $sides,
        string $at = '',
    ) {
        $seen = [];
        foreach ($sides as $i => $map) {
            if (isset($seen[$map->side->value])) {
                throw NotAMap::sameSide($map->side->value, "{$at}/{$i}/side");
            }
            $seen[$map->side->value] = true;
        }
    }

    public function of(Side $side): ?SideMap
    {
        foreach ($this->sides as $map) {
            if ($map->side === $side) {
                return $map;
            }
        }

        return null;
    }

    /** @throws NotAMap if it shows an area that the figure has not */
    public function requireFits(FigureType $type, string $at = ''): void
    {
        foreach ($this->sides as $i => $map) {
            foreach ($map->areas as $j => $area) {
                if ($type->area($area) === null) {
                    throw NotAMap::unknownArea($area, "{$at}/{$i}/areas/{$j}");
                }
            }
            foreach ($map->pieces as $j => $piece) {
                if ($type->area($piece->area) === null) {
                    throw NotAMap::unknownArea($piece->area, "{$at}/{$i}/pieces/{$j}/area");
                }
            }
        }
    }
}
