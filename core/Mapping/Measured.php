<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Standard\Side;

/** What the pictures of a figure say of its areas. */
final readonly class Measured
{
    /**
     * @param  list<MeasuredArea>  $areas in the order of the figure
     * @param  list<MeasuredBorder>  $borders in the order of the figure
     * @param  list<string>  $notLaidOut areas that no picture shows: of them nothing is measured
     * @param  non-empty-list<Side>  $sides that have a picture with something on it
     */
    public function __construct(
        public array $areas,
        public array $borders,
        public array $notLaidOut,
        public array $sides,
    ) {
    }

    public function area(string $id): ?MeasuredArea
    {
        foreach ($this->areas as $area) {
            if ($area->area === $id) {
                return $area;
            }
        }

        return null;
    }
}
