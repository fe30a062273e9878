<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Plate\Zone;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * What lies along the border of two areas at a tier, whatever their tones: a dark line, a light line on the edge, a shade
 * in the seam or a stain that pools there. Common practice, no source.
 */
final readonly class Border
{
    /** @param  float  $least of L* that a light line must be lighter than both areas, to be seen as a border */
    public function __construct(
        private PaintedFigure $figure,
        private float $least,
    ) {
    }

    public function between(string $one, string $other): Parting
    {
        $found = [...$this->along($one, $other), ...$this->along($other, $one)];
        foreach ([Parting::Line, Parting::Edge, Parting::Shade] as $parting) {
            if (in_array($parting, $found, true)) {
                return $parting;
            }
        }

        return Parting::Nothing;
    }

    /** @return iterable<Parting> */
    private function along(string $area, string $neighbour): iterable
    {
        foreach ($this->figure->ladders[$area]->steps ?? [] as $step) {
            $technique = $this->figure->standard->technique($step->use->technique);
            if ($technique->group === TechniqueGroup::Shade && $technique->opacity === Opacity::Opaque) {
                yield Parting::Line;
            } elseif (self::isEdgeLine($technique) && $this->isApart($step, $area, $neighbour, 1)) {
                yield Parting::Edge;
            } elseif (self::runsIntoSeams($technique) && $this->isApart($step, $area, $neighbour, -1)) {
                yield Parting::Shade;
            } elseif (self::pools($technique) && $this->isDeepInSeam($area, $neighbour)) {
                yield Parting::Shade;
            }
        }
    }

    private static function isEdgeLine(Technique $technique): bool
    {
        return $technique->group === TechniqueGroup::Light && $technique->opacity === Opacity::Opaque && $technique->liesOn === LiesOn::Edge;
    }

    private static function runsIntoSeams(Technique $technique): bool
    {
        return $technique->group === TechniqueGroup::Shade && in_array($technique->liesOn, [LiesOn::All, LiesOn::Recess], true);
    }

    private static function pools(Technique $technique): bool
    {
        return $technique->group === TechniqueGroup::LayIn && $technique->opacity === Opacity::Transparent && $technique->liesOn === LiesOn::All;
    }

    /**
     * A line is lighter than both areas by the least that parts them, a shade darker than both. One of which the scheme
     * says no colour is taken for what its technique does.
     *
     * @param  int  $way 1 for lighter, -1 for darker
     */
    private function isApart(TierStep $step, string $area, string $neighbour, int $way): bool
    {
        $shown = $step->rung === null ? $step->recipe?->colour() : $this->figure->ladders[$area]->reading->rungs[$step->rung]->shown;
        foreach ([$area, $neighbour] as $one) {
            $tone = $this->figure->tone($one);
            $apart = $shown === null || $tone === null ? null : $way * ($shown->lightness() - $tone->lightness());
            if ($apart !== null && ($way === 1 ? $apart < $this->least : $apart <= 0)) {
                return false;
            }
        }

        return true;
    }

    private function isDeepInSeam(string $area, string $neighbour): bool
    {
        foreach ($this->figure->ladders[$area]->plate->zones ?? [] as $zone) {
            if ($zone->zone === Zone::Seam) {
                foreach ([$area, $neighbour] as $one) {
                    if ($zone->colour->lightness() >= ($this->figure->tone($one)?->lightness() ?? INF)) {
                        return false;
                    }
                }

                return true;
            }
        }

        return false;
    }
}
