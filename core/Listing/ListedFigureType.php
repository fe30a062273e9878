<?php

declare(strict_types=1);

namespace Core\Listing;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\TypeCheck;
use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Duplicate;
use Core\Standard\Surface;

/** A figure type from the list of its areas. The figure as one is added; what sits on another borders on it. */
final readonly class ListedFigureType
{
    /** What the figure as one is called. */
    public const FIGURE = 'figure';

    /**
     * @param  non-empty-list<ListedArea>  $areas
     * @param  string  $at pointer to the list
     *
     * @throws CoreException if a name stands twice or is nobody's, if areas sit on each other in a ring, or if shares do not fit
     */
    public static function make(string $name, SizeClass $sizeClass, array $areas, string $at = '/areas'): FigureType
    {
        self::requireOwnNames($areas, $at);
        $shares = ListedShares::of($areas, $at);
        $places = [];
        foreach ($areas as $i => $area) {
            $places[] = self::place($area, $shares[$i]);
        }
        (new TypeCheck)->require(new FigureType($name, $sizeClass, $places), $at);
        $whole = new TypeArea(new Area(self::FIGURE, Surface::WHOLE, 1.0), '', 0, false, ListedArea::usualSides());

        return new FigureType($name, $sizeClass, [$whole, ...array_map(self::bordering(...), $places)]);
    }

    private static function place(ListedArea $area, float $share): TypeArea
    {
        return new TypeArea(
            new Area($area->name, $area->surface, $share, $area->features),
            $area->part,
            $area->lies(),
            $area->focal,
            $area->seenFrom(),
            $area->neighbours,
            $area->on,
            $area->places,
            $area->isUnsure,
        );
    }

    private static function bordering(TypeArea $area): TypeArea
    {
        return $area->on === null || in_array($area->on, $area->neighbours, true)
            ? $area
            : new TypeArea($area->area, $area->part, $area->depth, $area->focal, $area->sides, [...$area->neighbours, $area->on], $area->on, $area->places, $area->isUnsure);
    }

    /** @param  list<ListedArea>  $areas */
    private static function requireOwnNames(array $areas, string $at): void
    {
        $seen = [mb_strtolower(self::FIGURE) => true];
        foreach ($areas as $i => $area) {
            $name = mb_strtolower($area->name);
            if (isset($seen[$name])) {
                throw Duplicate::area($area->name, "{$at}/{$i}/name");
            }
            if ($area->surface === Surface::WHOLE) {
                throw Duplicate::whole(self::FIGURE, "{$at}/{$i}/surface");
            }
            $seen[$name] = true;
        }
    }
}
