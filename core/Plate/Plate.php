<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Srgb;

/** How a surface comes out: its zones, and the passes that made them so. */
final readonly class Plate
{
    /** Difference of L* between the lightest and the darkest zone. */
    public float $span;

    /**
     * @param  list<ZoneState>  $zones each zone once, in order
     * @param  list<Touch>  $touches in the order of laying
     */
    public function __construct(
        public array $zones,
        public array $touches,
        public Palette $palette,
    ) {
        $lightness = array_map(static fn (ZoneState $zone): float => $zone->colour->lightness(), $zones);
        $this->span = $lightness === [] ? 0.0 : max($lightness) - min($lightness);
    }

    public function colourAt(Zone $zone): ?Srgb
    {
        foreach ($this->zones as $state) {
            if ($state->zone === $zone) {
                return $state->colour;
            }
        }

        return null;
    }
}
