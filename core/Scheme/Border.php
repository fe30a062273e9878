<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
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
        $ladder = $this->figure->ladders[$area] ?? null;
        $seam = $ladder?->plate()?->colourAt(Zone::Seam);
        foreach ($ladder->steps ?? [] as $step) {
            $technique = $this->figure->standard->technique($step->use->technique);
            if ($technique->group === TechniqueGroup::Shade && $technique->opacity === Opacity::Opaque) {
                yield Parting::Line;
            } elseif (self::isEdgeLine($technique) && $this->isLighter($ladder?->shown($step), $area, $neighbour)) {
                yield Parting::Edge;
            } elseif (self::runsIntoSeams($technique) && $this->isDarker($ladder?->shown($step), $area, $neighbour)) {
                yield Parting::Shade;
            } elseif ($technique->isStain() && $technique->liesOn === LiesOn::All && $seam !== null && $this->isDarker($seam, $area, $neighbour)) {
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

    /** Whether it is lighter than both areas by the least that parts them. Without a colour it is taken for what its technique does. */
    private function isLighter(?Srgb $shown, string ...$areas): bool
    {
        return $shown === null || $shown->lightness() - max([-INF, ...$this->tones($areas)]) >= $this->least;
    }

    /** Whether it is darker than both areas. Without a colour it is taken for what its technique does. */
    private function isDarker(?Srgb $shown, string ...$areas): bool
    {
        return $shown === null || $shown->lightness() < min([INF, ...$this->tones($areas)]);
    }

    /**
     * @param  array<array-key, string>  $areas
     * @return list<float> L* of those that have a tone
     */
    private function tones(array $areas): array
    {
        $tones = array_filter(array_map($this->figure->tone(...), array_values($areas)));

        return array_values(array_map(static fn (Srgb $tone): float => $tone->lightness(), $tones));
    }
}
