<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * Which zones a use touches: by where the paint of its technique ends up and how far it reaches. A
 * narrower extent never touches a zone that a wider one does not.
 */
final readonly class Reach
{
    /** @return list<Zone> */
    public static function of(Technique $technique, Extent $extent): array
    {
        return match ($technique->liesOn) {
            LiesOn::All => $technique->group === TechniqueGroup::Shade ? self::shade($extent) : self::all($extent),
            LiesOn::Recess => self::recess($extent),
            LiesOn::Face => self::face($extent, $technique->group === TechniqueGroup::Light),
            LiesOn::Edge => self::edge($extent),
            LiesOn::Point => [Zone::Point],
        };
    }

    /** @return list<Zone> what is laid on upper parts only leaves the recesses as they are */
    private static function all(Extent $extent): array
    {
        return match ($extent) {
            Extent::Every => Zone::cases(),
            Extent::Upper => [Zone::Face, Zone::HighFace, Zone::Edge, Zone::Point],
            Extent::Focal => [Zone::Face, Zone::HighFace, Zone::Edge],
            Extent::Spot => [Zone::Face],
        };
    }

    /** @return list<Zone> what shades runs into the recesses of a few spots too */
    private static function shade(Extent $extent): array
    {
        return match ($extent) {
            Extent::Every => Zone::cases(),
            Extent::Upper => [Zone::Recess, Zone::Face, Zone::HighFace, Zone::Edge, Zone::Point],
            Extent::Focal => [Zone::Recess, Zone::Face, Zone::HighFace, Zone::Edge],
            Extent::Spot => [Zone::Recess, Zone::Face],
        };
    }

    /** @return list<Zone> */
    private static function recess(Extent $extent): array
    {
        return match ($extent) {
            Extent::Every, Extent::Upper => [Zone::Seam, Zone::Recess],
            Extent::Focal, Extent::Spot => [Zone::Recess],
        };
    }

    /**
     * @param  bool  $runsOverEdges a light on raised parts runs over their edges
     * @return list<Zone>
     */
    private static function face(Extent $extent, bool $runsOverEdges): array
    {
        return match ($extent) {
            Extent::Every => [Zone::Face, Zone::HighFace, ...($runsOverEdges ? [Zone::Edge, Zone::Point] : [])],
            Extent::Upper => [Zone::HighFace, ...($runsOverEdges ? [Zone::Edge, Zone::Point] : [])],
            Extent::Focal => [Zone::HighFace, ...($runsOverEdges ? [Zone::Point] : [])],
            Extent::Spot => [Zone::HighFace],
        };
    }

    /** @return list<Zone> */
    private static function edge(Extent $extent): array
    {
        return match ($extent) {
            Extent::Every => [Zone::LowEdge, Zone::Edge, Zone::Point],
            Extent::Upper => [Zone::Edge, Zone::Point],
            Extent::Focal, Extent::Spot => [Zone::Edge],
        };
    }
}
