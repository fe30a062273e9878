<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Plate\Palette;

/** The colours of a plate: what a scheme lays with each step of each use. */
final readonly class PlateColours
{
    /**
     * @param  non-empty-list<Srgb>  $grounds
     * @param  list<Srgb>  $lights
     */
    private function __construct(
        private array $grounds,
        private Srgb $base,
        private Srgb $shade,
        private array $lights,
        private Srgb $detail,
    ) {
    }

    /** @param  list<TierStep>  $steps that a tier lays */
    public static function of(LadderReading $reading, array $steps, OverAllPaint $overAll): Palette
    {
        $grounds = self::grounds($reading);
        $base = $reading->base() ?? $grounds[0];
        $colours = new self(
            $grounds,
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

        return new Palette($this->grounds[0], $this->base, $this->shade, $this->lights, $this->detail, $ofUses, $this->grounds);
    }

    /**
     * What lies under the paint, in turn: those of the scheme, then those of the area, of which one that covers it all
     * takes the place of the others.
     *
     * @return non-empty-list<Srgb>
     */
    private static function grounds(LadderReading $reading): array
    {
        $grounds = $reading->ground->colours();
        foreach ($reading->at(RungRole::Ground) as $at) {
            $rung = $reading->rungs[$at];
            $grounds = $rung->rung->cover < 1 ? [...$grounds, $rung->shown] : [$rung->shown];
        }

        return $grounds;
    }

    /** @return list<Srgb> colours of the paint itself, not of what is seen of it over something */
    private static function own(LadderReading $reading, RungRole $role): array
    {
        $colours = array_map(static fn (int $at): ?Srgb => $reading->rungs[$at]->recipe->colour(), $reading->at($role));

        return array_values(array_filter($colours));
    }
}
