<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;

/** What lies directly beneath each step of a figure, area by area: marked as done before that is, it is asked about. */
final readonly class Beneath
{
    /**
     * @param  array<int, PlannedStep|TidyBack>  $items of a figure, in order
     * @return array<int, list<int>> by step, the last before it on each of its areas
     */
    public static function of(array $items, FigureType $type): array
    {
        $beneath = $last = [];
        foreach ($items as $at => $item) {
            $areas = $item->areasIn($type);
            $beneath[$at] = array_values(array_unique(array_intersect_key($last, array_flip($areas))));
            $last = array_fill_keys($areas, $at) + $last;
        }

        return $beneath;
    }
}
