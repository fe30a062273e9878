<?php

declare(strict_types=1);

namespace Core\Standard;

/** How a tier is looked at: from how far, from which sides, and what it bears. */
final readonly class Judging
{
    /**
     * @param  float  $distanceMm viewing distance in millimetres, over 0
     * @param  list<Side>  $sides the sides that count
     * @param  float  $colourTolerance largest CIEDE2000 difference that passes, at least 0
     * @param  float  $noticeArcmin smallest visual angle, in minutes of arc, at which this tier notices a
     *                            flaw; at least 1, the limit of normal sight
     * @param  array<string, FaultLimits>  $limitsBySize of size classes that bear more or less, by their name; the others bear `limits`
     */
    public function __construct(
        public float $distanceMm,
        public array $sides,
        public FaultLimits $limits,
        public float $colourTolerance,
        public float $noticeArcmin = 1.0,
        public array $limitsBySize = [],
    ) {
        if ($distanceMm <= 0) {
            throw OutOfRange::notOver('viewing distance in millimetres', 0, $distanceMm);
        }
        if ($colourTolerance < 0) {
            throw OutOfRange::below('colour tolerance', 0, $colourTolerance);
        }
        if ($noticeArcmin < 1) {
            throw OutOfRange::below('noticing angle in minutes of arc', 1, $noticeArcmin);
        }
    }

    /** What a figure of a size class bears: a large one shows more places to go wrong, and is looked at for longer. */
    public function limitsOf(string $sizeClass): FaultLimits
    {
        return $this->limitsBySize[$sizeClass] ?? $this->limits;
    }

    public function ofSize(string $sizeClass): self
    {
        return new self($this->distanceMm, $this->sides, $this->limitsOf($sizeClass), $this->colourTolerance, $this->noticeArcmin);
    }

    /** The smallest flaw that counts, in millimetres: what fills the noticing angle at the viewing distance. */
    public function smallestNoticedMm(): float
    {
        return VisualAngle::arcmin($this->noticeArcmin)->sizeAt($this->distanceMm);
    }

    public function counts(Side $side): bool
    {
        return in_array($side, $this->sides, true);
    }
}
