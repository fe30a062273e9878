<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\OutOfRange;
use Core\Standard\VisualAngle;

/** What an eye can part: sizes by its acuity, colours by the difference it just notices. */
final readonly class Sight
{
    /** Differences under 2.3 are not noticed (Mahy et al. 1994, for CIELAB 1976; an approximation for CIEDE2000). */
    public const JUST_NOTICEABLE_DIFFERENCE = 2.3;

    /**
     * @param  float  $acuity decimal visual acuity, over 0; 1 parts one minute of arc (ISO 8596)
     * @param  float  $justNoticeable smallest CIEDE2000 difference that is noticed, at least 0
     */
    public function __construct(
        public float $acuity = 1.0,
        public float $justNoticeable = self::JUST_NOTICEABLE_DIFFERENCE,
    ) {
        if ($acuity <= 0) {
            throw OutOfRange::notOver('acuity', 0, $acuity);
        }
        if ($justNoticeable < 0) {
            throw OutOfRange::below('just noticeable difference', 0, $justNoticeable);
        }
    }

    /** @param  float|null  $deltaE CIEDE2000 difference to what is beside it; null: large */
    public function sees(VisualAngle $angle, ?float $deltaE): bool
    {
        return $angle->reaches(1 / $this->acuity) && $this->tellsApart($deltaE);
    }

    public function tellsApart(?float $deltaE): bool
    {
        return $deltaE === null || $deltaE >= $this->justNoticeable;
    }

    /** Smallest size in millimetres that can be resolved at the distance. */
    public function smallestAt(float $distanceMm): float
    {
        return VisualAngle::arcmin(1 / $this->acuity)->sizeAt($distanceMm);
    }
}
