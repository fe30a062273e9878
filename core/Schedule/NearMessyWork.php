<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/**
 * Messy work and work on what borders on it keep the order that their sheet gives them: that order says what is soiled and
 * when it is tidied. Unknown neighbours are kept in no order.
 */
final readonly class NearMessyWork
{
    /**
     * @param  list<PlannedStep|TidyBack>  $items of a sheet, in order
     * @param  list<list<string>>  $areas that each lies on
     * @return list<list<int>> by item, those that it must not overtake
     */
    public static function behind(array $items, array $areas, FigureType $type): array
    {
        $neighbours = new Neighbours($type);
        $soils = array_map(static fn (PlannedStep|TidyBack $item): array => $item instanceof TidyBack ? [] : $item->step->dirties($type, $neighbours), $items);
        $behind = [];
        foreach (array_keys($items) as $item) {
            $behind[] = array_values(array_filter(
                $item === 0 ? [] : range(0, $item - 1),
                static fn (int $before): bool => array_intersect($soils[$before], $areas[$item]) !== [] || array_intersect($soils[$item], $areas[$before]) !== [],
            ));
        }

        return $behind;
    }
}
