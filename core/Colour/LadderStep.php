<?php

declare(strict_types=1);

namespace Core\Colour;

/** One tone of an area, as it comes out. */
final readonly class LadderStep
{
    public float $lightness;

    /** @param  float  $cover share of the area that it lies on, 0 to 1 */
    public function __construct(
        public LadderRole $role,
        public Srgb $colour,
        public float $cover,
    ) {
        $this->lightness = $colour->lightness();
    }

    public function value(): int
    {
        return self::valueOf($this->lightness);
    }

    /** On the painters' scale of five: 1 for the brightest fifth of L*, 5 for the darkest. Common practice, no source. */
    public static function valueOf(float $lightness): int
    {
        return 5 - (int) min(4, floor($lightness / 20));
    }
}
