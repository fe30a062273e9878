<?php

declare(strict_types=1);

namespace Core\Colour;

/** How far steps must and may be apart, in L*. Studio settings; the defaults are common practice, no source. */
final readonly class LadderRules
{
    public const LEAST_STEP = 4.0;

    public const MOST_STEP = 25.0;

    public const LEAST_SPAN = 30.0;

    /**
     * @param  float  $minStep less is not seen as a step
     * @param  float  $maxStep more is seen as a hard line
     * @param  float  $minSpan from the darkest step to the lightest
     */
    public function __construct(
        public float $minStep = self::LEAST_STEP,
        public float $maxStep = self::MOST_STEP,
        public float $minSpan = self::LEAST_SPAN,
    ) {
    }
}
