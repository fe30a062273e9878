<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;

/** A ground that is made apart: with its rim a part of its own until it is joined, so that it soils nothing of the figure. */
final readonly class GroundApart
{
    /** Behind the name of the part that it stands under. */
    private const GROUND = ' (ground, apart)';

    public static function of(FigureType $type, Standard $standard): FigureType
    {
        $grounds = [];
        foreach ($type->areas as $area) {
            if ($standard->surface($area->area->surface)->isGroundCover() && self::says($area, $standard)) {
                $grounds[$area->part] = true;
            }
        }

        return $type->with(array_map(
            static fn (TypeArea $area): TypeArea => self::isApart($area, $standard, isset($grounds[$area->part])) ? $area->within($area->part.self::GROUND) : $area,
            $type->areas,
        ));
    }

    /** Whether a part is a ground that was set apart here. */
    public static function isMadeHere(string $part): bool
    {
        return str_ends_with($part, self::GROUND);
    }

    /** A rim goes with the ground that it is round. */
    private static function isApart(TypeArea $area, Standard $standard, bool $isGroundApart): bool
    {
        $surface = $standard->surface($area->area->surface);

        return ($surface->isGroundCover() && self::says($area, $standard)) || ($surface->isRim() && ($isGroundApart || self::says($area, $standard)));
    }

    private static function says(TypeArea $area, Standard $standard): bool
    {
        return $standard->schoolsOf($area->area)->choice(SchoolQuestion::GroundCover) === 'apart';
    }
}
