<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Standard\Side;

/** A figure as it is seen from one side: which area lies where, and where its pieces are. */
final readonly class SideMap
{
    /**
     * @param  list<string>  $areas by number: the first is 1 in the grid
     * @param  list<PlacedPiece>  $pieces
     * @param  string  $at pointer to the map
     *
     * @throws NotAMap if the grid holds a number that no area has, an area has two, or a piece is of none
     */
    public function __construct(
        public Side $side,
        public LabelGrid $grid,
        public array $areas,
        public array $pieces = [],
        string $at = '',
    ) {
        foreach ($areas as $i => $area) {
            if (array_search($area, $areas, true) !== $i) {
                throw NotAMap::sameArea($area, "{$at}/areas/{$i}");
            }
        }
        $last = array_key_last($grid->counts()) ?? 0;
        if ($last > count($areas)) {
            throw NotAMap::unknownLabel($last, count($areas), "{$at}/runs");
        }
    }

    /** @return array<array-key, int> places by area, those that are not seen left out */
    public function places(): array
    {
        $places = [];
        foreach ($this->grid->counts() as $label => $count) {
            $places[$this->areas[$label - 1]] = $count;
        }

        return $places;
    }
}
