<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Srgb;
use Core\Standard\Opacity;
use Core\Standard\Texture;

/** A zone as it comes out. */
final readonly class ZoneState
{
    /**
     * @param  list<string>  $uses ids of the uses that touched it, in order
     * @param  float  $cover share of what lay there bare that is hidden by now, 0 to 1
     * @param  float  $softness of the boundary of what lies on top, 0 crisp to 1 soft
     * @param  Texture|null  $texture of what lies on top; null where nothing lies
     */
    public function __construct(
        public Zone $zone,
        public Srgb $colour,
        public array $uses = [],
        public float $cover = 0.0,
        public float $softness = 0.0,
        public ?Texture $texture = null,
    ) {
    }

    /** @param  float  $share that the new paint hides, 0 to 1 */
    public function painted(Srgb $colour, float $share, string $use, Opacity $opacity, Texture $texture): self
    {
        return new self($this->zone, $colour, self::with($this->uses, $use), 1 - (1 - $this->cover) * (1 - $share), self::softnessOf($opacity), $texture);
    }

    /** Touched by work that leaves no colour. */
    public function touched(string $use): self
    {
        return new self($this->zone, $this->colour, self::with($this->uses, $use), $this->cover, $this->softness, $this->texture);
    }

    public static function softnessOf(Opacity $opacity): float
    {
        return match ($opacity) {
            Opacity::Opaque => 0.0,
            Opacity::Semi => 0.5,
            Opacity::Transparent => 1.0,
        };
    }

    /**
     * @param  list<string>  $uses
     * @return list<string>
     */
    private static function with(array $uses, string $use): array
    {
        return in_array($use, $uses, true) ? $uses : [...$uses, $use];
    }
}
