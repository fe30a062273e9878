<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Plate\Palette;

/** The colours of a plate: what a scheme lays with each step of each use. */
final readonly class PlateColours
{
    /** @param  list<Srgb>  $lights */
    private function __construct(
        private Srgb $ground,
        private Srgb $base,
        private Srgb $shade,
        private array $lights,
        private Srgb $detail,
    ) {
    }

    /** @param  list<TierStep>  $steps that a tier lays */
    public static function of(LadderReading $reading, array $steps, OverAllPaint $overAll): Palette
    {
        $base = $reading->base() ?? $reading->ground;
        $colours = new self(
            $reading->at(RungRole::Ground) === [] ? $reading->ground : $reading->rungs[$reading->at(RungRole::Ground)[0]]->shown,
            $base,
            self::own($reading, RungRole::Shade)[0] ?? Srgb::ofLight(...array_map(static fn (float $light): float => $light / 3, $base->light())),
            self::own($reading, RungRole::Light) ?: [$base],
            self::own($reading, RungRole::Light)[0] ?? $base,
        );

        return $colours->palette($steps, $overAll);
    }

    /** @param  list<TierStep>  $steps */
    private function palette(array $steps, OverAllPaint $overAll): Palette
    {
        $ofUses = $overAll->colours;
        foreach ($steps as $step) {
            $colour = $step->recipe?->colour();
            if ($colour !== null) {
                $ofUses[$step->use->use->id][$step->step] = $colour;
            }
        }

        return new Palette($this->ground, $this->base, $this->shade, $this->lights, $this->detail, $ofUses);
    }

    /** @return list<Srgb> colours of the paint itself, not of what is seen of it over something */
    private static function own(LadderReading $reading, RungRole $role): array
    {
        $colours = array_map(static fn (int $at): ?Srgb => $reading->rungs[$at]->recipe->colour(), $reading->at($role));

        return array_values(array_filter($colours));
    }
}
