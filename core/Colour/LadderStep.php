<?php

declare(strict_types=1);

namespace Core\Colour;

/** One tone of an area, as it comes out. */
final readonly class LadderStep
{
    public float $lightness;

    /**
     * @param  float  $cover share of the area that it lies on, 0 to 1
     * @param  bool  $onEdges whether it lies on edges or points alone
     */
    public function __construct(
        public LadderRole $role,
        public Srgb $colour,
        public float $cover,
        public bool $onEdges = false,
    ) {
        $this->lightness = $colour->lightness();
    }

    /** A line on an edge or a dot on a point: it may be far lighter than what it lies beside. */
    public function isLine(): bool
    {
        return $this->onEdges && $this->role === LadderRole::Light;
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
