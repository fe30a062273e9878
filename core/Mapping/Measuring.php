<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\NumberText;
use Core\Standard\Side;
use Core\Standard\Surface;
use Core\Why;

/**
 * Shares, sides and neighbours of a figure's areas, measured on its pictures. A share is what is seen of the area over all
 * sides that have a picture, each at the same scale: over many directions what is seen of a body is a quarter of its surface
 * (Cauchy's theorem on mean projections), and the pictured sides stand for them. Areas that no picture shows keep the share
 * that was said of them. Two areas border on each other where they meet along a line that is long enough to be meant; one
 * that only stands before the other meets it too, so that the lead has the last word.
 */
final readonly class Measuring
{
    /** Of the figure's height: a sliver of this between two outlines is none. Common practice, no source. */
    private const GAP = 0.005;

    /** Of the figure's height: areas that meet along less touch at a corner. Common practice, no source. */
    private const MEET = 0.01;

    /** Of what is seen from a side: less is a slip of the hand. Common practice, no source. */
    private const SEEN = 0.001;

    /** @param  string  $at pointer to the list of maps */
    public static function of(FigureMap $map, FigureType $type, string $at = '/maps'): Measured
    {
        $map->requireFits($type, $at);
        $scales = new Scales($map);
        $pictured = array_values(array_filter($map->sides, static fn (SideMap $side): bool => $scales->of($side) !== null));
        if ($pictured === []) {
            throw NotAMap::nothingLaidOut($at);
        }
        $sides = array_map(static fn (SideMap $side): Side => $side->side, $pictured);
        $seen = self::seen($pictured, $scales);
        $areas = self::areas($type, $seen, $pictured, $sides);

        return new Measured(
            $areas,
            self::borders($type, $pictured),
            array_values(array_diff(self::names($type), array_map(static fn (MeasuredArea $area): string => $area->area, $areas))),
            $sides,
        );
    }

    /**
     * @param  non-empty-list<SideMap>  $pictured
     * @return array<array-key, array<string, float>> surface by area, then by side, in squares of the figure's height
     */
    private static function seen(array $pictured, Scales $scales): array
    {
        $seen = [];
        foreach ($pictured as $map) {
            $places = $map->places();
            $scale = (float) $scales->of($map);
            foreach ($places as $area => $count) {
                if ($count >= self::SEEN * array_sum($places)) {
                    $seen[$area][$map->side->value] = $count * $scale ** 2;
                }
            }
        }

        return $seen;
    }

    /**
     * @param  array<array-key, array<string, float>>  $seen
     * @param  non-empty-list<SideMap>  $pictured
     * @param  non-empty-list<Side>  $sides
     * @return list<MeasuredArea>
     */
    private static function areas(FigureType $type, array $seen, array $pictured, array $sides): array
    {
        $all = array_sum(array_map(array_sum(...), $seen));
        $said = 0.0;
        foreach ($type->areas as $area) {
            $said += $area->area->surface === Surface::WHOLE || isset($seen[$area->area->id]) ? 0.0 : $area->area->share;
        }
        $areas = [];
        foreach ($type->areas as $area) {
            $here = $seen[$area->area->id] ?? [];
            if ($here !== []) {
                $share = array_sum($here) / $all * (1 - $said);
                $areas[] = new MeasuredArea($area->area->id, $share, self::sides($area, $here, $sides), self::pieces($area, $pictured), self::why($here, $all, $said));
            }
        }

        return $areas;
    }

    /**
     * @param  non-empty-array<string, float>  $here
     * @param  non-empty-list<Side>  $pictured
     * @return non-empty-list<Side>
     */
    private static function sides(TypeArea $area, array $here, array $pictured): array
    {
        $sides = array_values(array_filter(Side::cases(), static fn (Side $side): bool => in_array($side, $pictured, true) ? isset($here[$side->value]) : in_array($side, $area->sides, true)));
        assert($sides !== []);

        return $sides;
    }

    /**
     * @param  non-empty-list<SideMap>  $pictured
     * @return array<array-key, int> places that have a name are not counted
     */
    private static function pieces(TypeArea $area, array $pictured): array
    {
        $most = [];
        foreach ($pictured as $map) {
            $here = [];
            foreach ($map->pieces as $piece) {
                if ($piece->area === $area->area->id && ! in_array($piece->feature, $area->places, true)) {
                    $here[$piece->feature] = ($here[$piece->feature] ?? 0) + 1;
                }
            }
            foreach ($here as $feature => $count) {
                $most[$feature] = max($most[$feature] ?? 0, $count);
            }
        }

        return $most;
    }

    /** @param  array<string, float>  $here */
    private static function why(array $here, float $all, float $said): Why
    {
        $inputs = [];
        foreach ($here as $side => $surface) {
            $inputs["seen from {$side}, of all that is seen"] = NumberText::percent($surface / $all);
        }
        if ($said > 0) {
            $inputs['areas without a picture, as it was said'] = NumberText::percent($said);
        }

        return new Why(
            $inputs,
            'What is seen of it over all sides that have a picture, at the same scale, of all that is seen; areas that no picture shows keep the share that was said of them.',
            'published: what is seen of a body from all directions is a quarter of its surface (A. Cauchy, 1841; for bodies without hollows); the pictured sides stand for all directions',
        );
    }

    /**
     * @param  non-empty-list<SideMap>  $pictured
     * @return list<MeasuredBorder>
     */
    private static function borders(FigureType $type, array $pictured): array
    {
        $found = [];
        foreach ($pictured as $map) {
            $height = max(1, $map->grid->box()['height'] ?? 1);
            foreach ((new Contacts((int) ceil(self::GAP * $height)))->in($map->grid) as $one => $others) {
                foreach ($others as $other => $length) {
                    if ($length >= self::MEET * $height) {
                        $found[$map->areas[$one - 1]][$map->areas[$other - 1]][$map->side->value] = $length / $height;
                    }
                }
            }
        }
        $names = self::names($type);
        $borders = [];
        foreach ($names as $i => $one) {
            foreach (array_slice($names, $i + 1) as $other) {
                $lengths = ($found[$one][$other] ?? []) + ($found[$other][$one] ?? []);
                if ($lengths !== []) {
                    $borders[] = new MeasuredBorder($one, $other, array_map(Side::from(...), array_keys($lengths)), max($lengths));
                }
            }
        }

        return $borders;
    }

    /** @return list<string> */
    private static function names(FigureType $type): array
    {
        return array_values(array_map(
            static fn (TypeArea $area): string => $area->area->id,
            array_filter($type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE),
        ));
    }
}
