<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\CoreException;
use Core\Standard\Duplicate;
use Core\Standard\Surface;
use Core\Standard\UnknownReference;

/** Whether areas speak only of each other: what touches what, and what sits on what; and whether a name is one place. Pointers are relative to the list of areas. */
final readonly class TypeCheck
{
    /** @throws CoreException at the first area that borders or sits on what is not there, on the figure as one, or on itself; or that has a name for two places */
    public function require(FigureType $type, string $at = ''): void
    {
        $this->requireOneWhole($type, $at);
        $known = array_values(array_map(
            static fn (TypeArea $area): string => $area->area->id,
            array_filter($type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE),
        ));
        foreach ($type->areas as $i => $area) {
            $others = array_values(array_diff($known, [$area->area->id]));
            $this->requireNeighbours($area, $others, "{$at}/{$i}/neighbours");
            $this->requireOwnPlaces($area, "{$at}/{$i}/places");
            if ($area->on !== null && ! in_array($area->on, $known, true)) {
                throw UnknownReference::area($area->on, $others, "{$at}/{$i}/on");
            }
        }
        foreach ($type->areas as $i => $area) {
            $this->requireNoRing($type, $area, "{$at}/{$i}/on");
        }
    }

    /** @param  list<string>  $others that it may border on */
    private function requireNeighbours(TypeArea $area, array $others, string $at): void
    {
        foreach ($area->neighbours as $i => $neighbour) {
            if (! in_array($neighbour, $others, true)) {
                throw UnknownReference::area($neighbour, $others, "{$at}/{$i}");
            }
            if (array_search($neighbour, $area->neighbours, true) !== $i) {
                throw Duplicate::id($neighbour, "{$at}/{$i}");
            }
        }
    }

    /** A name that is a kind of its pieces would be both on a picture. */
    private function requireOwnPlaces(TypeArea $area, string $at): void
    {
        $seen = array_map(mb_strtolower(...), array_map(strval(...), array_keys($area->area->features)));
        foreach ($area->places as $i => $place) {
            if (in_array(mb_strtolower($place), $seen, true)) {
                throw Duplicate::place($place, "{$at}/{$i}");
            }
            $seen[] = mb_strtolower($place);
        }
    }

    private function requireOneWhole(FigureType $type, string $at): void
    {
        $whole = null;
        foreach ($type->areas as $i => $area) {
            if ($area->area->surface === Surface::WHOLE && $whole !== null) {
                throw Duplicate::whole($whole, "{$at}/{$i}/surface");
            }
            $whole = $area->area->surface === Surface::WHOLE ? $area->area->id : $whole;
        }
    }

    private function requireNoRing(FigureType $type, TypeArea $area, string $at): void
    {
        $under = [];
        for ($one = $area; $one !== null; $one = $one->on === null ? null : $type->area($one->on)) {
            $seen = array_search($one->area->id, $under, true);
            if ($seen !== false) {
                throw SitsInARing::among(array_slice($under, $seen) ?: [$one->area->id], $at);
            }
            $under[] = $one->area->id;
        }
    }
}
