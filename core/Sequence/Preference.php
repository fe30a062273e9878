<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\TechniqueGroup;

/**
 * What comes first among the steps that may come next. Common practice, no source: by waves over the
 * figure (lay-in, shade, light, detail …), so that one area dries while another is painted; in a wave
 * messy before neat, then inner before outer. What dries for hours begins early.
 */
final readonly class Preference
{
    /** From this drying time on a base use begins with the lay-ins. Studio setting; this is the default. */
    private const LONG_DRYING = 60;

    /** @return array<string, list<int>> by step: wave, place in its wave, messy first, depth, place of the area */
    public static function of(Steps $steps): array
    {
        $preference = [];
        foreach (array_values($steps->byArea) as $placeOfArea => $chain) {
            $wave = $placeInWave = 0;
            foreach ($chain as $step) {
                $own = self::wave($step);
                $placeInWave = $own > $wave ? 0 : $placeInWave + 1;
                $wave = max($wave, $own);
                $preference[$step->id] = [$wave, $placeInWave, $step->technique->messy ? 0 : 1, $step->area->depth, $placeOfArea];
            }
        }

        return $preference;
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
