<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRules;

/** Bounds that a scheme is held to. Studio settings; the defaults are common practice or from memory. */
final readonly class SchemeRules
{
    /**
     * @param  float  $neighbourStep L* that neighbouring areas must be apart where no dark line parts them
     * @param  float  $familyLimit share of what is seen from the front that one family of colours may take, 0 to 1
     * @param  float  $sameAreaDeltaE ΔE00 that areas of one name may differ by across a force
     * @param  float  $turnDegrees how far a hue may turn along a ladder before it is another
     * @param  float  $lightWarmth how far a light must lean to be a warm or a cold one, in units of a* and b*
     */
    public function __construct(
        public LadderRules $ladder = new LadderRules,
        public float $neighbourStep = 15.0,
        public float $familyLimit = 0.45,
        public float $sameAreaDeltaE = 3.0,
        public float $turnDegrees = 15.0,
        public float $lightWarmth = 5.0,
    ) {
    }
}
