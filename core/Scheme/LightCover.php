<?php

declare(strict_types=1);

namespace Core\Scheme;

/**
 * How much of an area the lights of a ladder cover where nobody has said it: each leaves some of the one before it
 * showing. Common practice, no source; the shares are from memory.
 */
final readonly class LightCover
{
    public const OF_RELIGHT = 0.6;

    private const OF_FIRST_LIGHT = 0.5;

    public const LEAVES_SHOWING = 0.6;

    private const LEAST = 0.01;

    /** @param  float|null  $before cover of the light or relight that this one lies on; null for the first light of all */
    public static function after(?float $before): float
    {
        return $before === null ? self::OF_FIRST_LIGHT : max(self::LEAST, round($before * self::LEAVES_SHOWING, 3));
    }
}
