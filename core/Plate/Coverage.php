<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * How much of a zone one pass hides. Shares from memory, chosen so that plates look as the techniques do;
 * what must hold for them is in the tests.
 */
final readonly class Coverage
{
    /** @return float 0 to 1; 1 for what covers */
    public static function share(Technique $technique, Zone $zone, int $coats): float
    {
        $one = match ($technique->opacity) {
            Opacity::Opaque => 1.0,
            Opacity::Semi => 0.7 * self::weight($technique, $zone),
            Opacity::Transparent => self::film($technique, $zone),
        };

        return 1 - (1 - $one) ** $coats;
    }

    /** A light is strongest where most light falls, a drybrush on edges and points; what is laid over all is laid alike. */
    private static function weight(Technique $technique, Zone $zone): float
    {
        if ($technique->group !== TechniqueGroup::Light || $technique->liesOn === LiesOn::All) {
            return 1.0;
        }

        return match ($zone) {
            Zone::Face => 0.5,
            Zone::HighFace, Zone::LowEdge => 0.8,
            default => 1.0,
        };
    }

    /** A shade or a stain runs off the raised parts into the recesses. */
    private static function film(Technique $technique, Zone $zone): float
    {
        $pools = $technique->group === TechniqueGroup::Shade || $technique->group === TechniqueGroup::LayIn;
        if (! $pools || $technique->liesOn !== LiesOn::All) {
            return $technique->group === TechniqueGroup::Light ? 0.35 * self::weight($technique, $zone) : ($pools ? 0.6 : 0.35);
        }
        $onFaces = $technique->group === TechniqueGroup::LayIn ? 0.6 : 0.22;

        return match ($zone) {
            Zone::Seam => 0.85,
            Zone::Recess => 0.75,
            Zone::LowFace => $onFaces * 1.5,
            Zone::Edge, Zone::Point, Zone::HighFace => $onFaces * 0.7,
            default => $onFaces,
        };
    }
}
