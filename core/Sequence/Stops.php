<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\StoppingPlace;
use Core\Standard\TechniqueGroup;

/**
 * Where on its way a figure could be closed and shipped at a lower tier. What closes any figure comes near the end of every
 * sheet, and says nothing of how far it is painted. Common practice, no source.
 */
final readonly class Stops
{
    private const CLOSING = [TechniqueGroup::Base, TechniqueGroup::Finish, TechniqueGroup::Tidy];

    /**
     * @param  list<PlannedStep|TidyBack>  $items all of a figure, in order
     * @param  list<StoppingPlace>  $places
     * @return list<Stop> the first first; a tier that is never complete on the way, or only at its end, has none
     */
    public static function along(array $items, array $places): array
    {
        $stops = [];
        foreach ($places as $place) {
            $stop = $place->isPassed() ? self::at($items, $place) : null;
            if ($stop !== null) {
                $stops[] = $stop;
            }
        }
        usort($stops, static fn (Stop $one, Stop $other): int => $one->item <=> $other->item);

        return $stops;
    }

    /** @param  list<PlannedStep|TidyBack>  $items */
    private static function at(array $items, StoppingPlace $place): ?Stop
    {
        $needed = self::needed($items, $place);
        $painted = array_filter($needed, static fn (int $at): bool => $items[$at] instanceof PlannedStep && ! in_array($items[$at]->step->technique->group, self::CLOSING, true));
        $last = $painted === [] ? null : max($painted);
        if ($last === null) {
            return null;
        }
        $laid = array_slice($items, 0, $last + 1);
        $still = [];
        $minutes = 0.0;
        foreach (array_slice($items, $last + 1, null, true) as $at => $item) {
            $isAsked = $item instanceof PlannedStep && in_array($at, $needed, true) && $place->asksFor($item->step->laid->area->id, $item->step->laid->use->id);
            if ($isAsked || ($item instanceof TidyBack && self::isSoiledBy($item, $laid))) {
                $still[] = $item;
            } else {
                $minutes += $item instanceof TidyBack ? $item->minutes : $item->step->laid->minutes;
            }
        }

        return $minutes > 0.0 ? new Stop($place->tier, $last, $still, $minutes) : null;
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $items
     * @return list<int> places of all up to what completes each area at the lower tier
     */
    private static function needed(array $items, StoppingPlace $place): array
    {
        $needed = [];
        $complete = [];
        foreach ($items as $at => $item) {
            if ($item instanceof TidyBack) {
                continue;
            }
            $area = $item->step->laid->area->id;
            if (isset($place->after[$area]) && ! isset($complete[$area])) {
                $needed[] = $at;
                $complete += $item->step->laid->use->id === $place->after[$area] ? [$area => true] : [];
            }
        }

        return $needed;
    }

    /** @param  list<PlannedStep|TidyBack>  $laid */
    private static function isSoiledBy(TidyBack $tidying, array $laid): bool
    {
        foreach ($laid as $item) {
            if ($item instanceof PlannedStep && in_array($item->step, $tidying->soiledBy, true)) {
                return true;
            }
        }

        return false;
    }
}
