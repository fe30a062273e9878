<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;

/** Coats that a paint needs to cover, by what lies under it. Pale and red paints take more over dark. Common practice, no source. */
final readonly class Coverage
{
    public const MOST_COATS = 9;

    private const DARK_UNDER = 35.0;

    private const LIGHT_FROM = 65.0;

    /**
     * @param  int  $onDark coats, 1 to 9, over what has an L* under 35
     * @param  int  $onMiddle coats, 1 to 9
     * @param  int  $onLight coats, 1 to 9, over what has an L* of 65 and over
     */
    public function __construct(
        public int $onDark = 2,
        public int $onMiddle = 2,
        public int $onLight = 1,
    ) {
        foreach ([$onDark, $onMiddle, $onLight] as $coats) {
            if ($coats < 1 || $coats > self::MOST_COATS) {
                throw NotAPaint::coats($coats, self::MOST_COATS);
            }
        }
    }

    public function over(Srgb $under): int
    {
        $lightness = $under->lightness();

        return match (true) {
            $lightness < self::DARK_UNDER => $this->onDark,
            $lightness < self::LIGHT_FROM => $this->onMiddle,
            default => $this->onLight,
        };
    }
}
