<?php

declare(strict_types=1);

namespace Core\Standard;

/** How the paint of a technique looks where it lies. */
enum Texture: string
{
    case Smooth = 'smooth';
    case Line = 'line';
    case Dots = 'dots';
    case Brushed = 'brushed';
    case Streaks = 'streaks';
    case Speckle = 'speckle';
    case Pattern = 'pattern';
    case Letters = 'letters';
    case Mark = 'mark';
    case Spot = 'spot';
    case Grain = 'grain';
    case Tuft = 'tuft';

    /** What a technique looks like when its standard does not say. Common practice, no source. */
    public static function usual(TechniqueGroup $group, LiesOn $liesOn, Opacity $opacity): self
    {
        return match (true) {
            $group === TechniqueGroup::Marking => self::Mark,
            $group === TechniqueGroup::Base => self::usualOnTheBase($liesOn, $opacity),
            $group === TechniqueGroup::Wear => $opacity === Opacity::Opaque ? self::Speckle : self::Streaks,
            $liesOn === LiesOn::Point => self::Spot,
            $group === TechniqueGroup::Detail => self::Pattern,
            $liesOn === LiesOn::Edge => $opacity === Opacity::Opaque ? self::Line : self::Brushed,
            $group === TechniqueGroup::Shade && $opacity === Opacity::Opaque => self::Line,
            default => self::Smooth,
        };
    }

    private static function usualOnTheBase(LiesOn $liesOn, Opacity $opacity): self
    {
        return match (true) {
            $liesOn === LiesOn::Point => self::Tuft,
            $opacity === Opacity::Opaque => $liesOn === LiesOn::All ? self::Grain : self::Speckle,
            default => self::Brushed,
        };
    }
}
