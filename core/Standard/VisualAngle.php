<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * How large something looks: the angle it fills at the eye, 2·atan(size / (2·distance)).
 *
 * Normal sight parts 1 minute of arc (ISO 8596: the strokes of a 6/6 letter at 6 m).
 */
final readonly class VisualAngle
{
    /** Half a turn: nothing fills more of the eye. */
    public const HALF_TURN_ARCMIN = 10800;

    private const ARCMIN_PER_RADIAN = 180 * 60 / M_PI;

    /** Rounding of the trigonometry, so that a size computed for an angle reaches that angle again. */
    private const RELATIVE_ROUNDING = 1e-12;

    private function __construct(public float $arcmin)
    {
    }

    /**
     * @param  float  $sizeMm at least 0
     * @param  float  $distanceMm over 0
     */
    public static function of(float $sizeMm, float $distanceMm): self
    {
        return new self(2 * atan($sizeMm / (2 * $distanceMm)) * self::ARCMIN_PER_RADIAN);
    }

    public static function arcmin(float $arcmin): self
    {
        return new self($arcmin);
    }

    public function reaches(float $arcmin): bool
    {
        return $this->arcmin >= $arcmin * (1 - self::RELATIVE_ROUNDING);
    }

    /** Size in millimetres that fills this angle at the distance. */
    public function sizeAt(float $distanceMm): float
    {
        return 2 * $distanceMm * tan($this->arcmin / self::ARCMIN_PER_RADIAN / 2);
    }
}
