<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;

/**
 * What comes first among the steps that may come next. Common practice, no source: by waves over the
 * figure (lay-in, shade, light, detail …), so that one area dries while another is painted; in a wave
 * messy before neat, then inner before outer. What dries for hours begins early. What would finish an
 * area waits for messy work near it, which would soil it.
 */
final readonly class Preference
{
    /** From this drying time on a base use begins with the lay-ins. Studio setting; this is the default. */
    private const LONG_DRYING = 60;

    /** @return array<string, list<int>> by step: wave, messy first, place in its wave, depth, place of the area */
    public static function of(Steps $steps, Neighbours $neighbours): array
    {
        $waves = array_map(self::waves(...), $steps->byArea);
        $preference = [];
        foreach (array_keys($steps->byArea) as $placeOfArea => $area) {
            $chain = $steps->byArea[$area];
            $placeInWave = 0;
            foreach ($chain as $i => $step) {
                $placeInWave = $i > 0 && $waves[$area][$i] === $waves[$area][$i - 1] ? $placeInWave + 1 : 0;
                $finishes = $i === count($chain) - 1 && ! $step->technique->messy;
                $wave = $finishes ? max($waves[$area][$i], self::lastMessyNear((string) $area, $steps, $waves, $neighbours)) : $waves[$area][$i];
                $preference[$step->id] = [$wave, $placeInWave, $step->technique->messy ? 0 : 1, $step->area->depth, $placeOfArea];
            }
        }

        return $preference;
    }

    /**
     * The waves of the steps of an area: none is earlier than that of the step before it.
     *
     * @param  list<Step>  $chain
     * @return list<int>
     */
    private static function waves(array $chain): array
    {
        $waves = [];
        $reached = 0;
        foreach ($chain as $step) {
            $reached = max($reached, self::wave($step));
            $waves[] = $reached;
        }

        return $waves;
    }

    /** @param  array<array-key, list<int>>  $waves */
    private static function lastMessyNear(string $area, Steps $steps, array $waves, Neighbours $neighbours): int
    {
        $last = 0;
        foreach ($neighbours->of($area) as $near) {
            foreach ($steps->on($near) as $i => $step) {
                if ($step->technique->messy && $step->area->area->surface !== Surface::WHOLE) {
                    $last = max($last, $waves[$near][$i]);
                }
            }
        }

        return $last;
    }

    private static function wave(Step $step): int
    {
        return match ($step->technique->group) {
            TechniqueGroup::Prepare => 0,
            TechniqueGroup::Ground => 1,
            TechniqueGroup::LayIn => 2,
            TechniqueGroup::Shade => 3,
            TechniqueGroup::Light => 4,
            TechniqueGroup::Base => $step->technique->dryMinutes >= self::LONG_DRYING ? 2 : 4,
            TechniqueGroup::Detail => 5,
            TechniqueGroup::Marking => 6,
            TechniqueGroup::Wear => 7,
            TechniqueGroup::Finish => 8,
            TechniqueGroup::Tidy => 9,
        };
    }
}
