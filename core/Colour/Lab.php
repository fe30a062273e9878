<?php

declare(strict_types=1);

namespace Core\Colour;

/** A colour in CIE 1976 L*a*b*, D65 white, 2° observer. */
final readonly class Lab
{
    /**
     * @param  float  $lightness L*, 0 black to 100 white
     * @param  float  $a green below 0, red over it
     * @param  float  $b blue below 0, yellow over it
     */
    public function __construct(
        public float $lightness,
        public float $a,
        public float $b,
    ) {
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** h°, 0 to under 360; 0 for a grey. */
    public function hue(): float
    {
        return $this->a === 0.0 && $this->b === 0.0 ? 0.0 : fmod(rad2deg(atan2($this->b, $this->a)) + 360, 360);
    }

    /** The shorter way from one hue angle to the other, 0 to 180°. */
    public function hueApart(self $other): float
    {
        $apart = abs($this->hue() - $other->hue());

        return min($apart, 360 - $apart);
    }

    /** @return array{float, float, float} L*, a*, b* */
    public function toArray(): array
    {
        return [$this->lightness, $this->a, $this->b];
    }
}
