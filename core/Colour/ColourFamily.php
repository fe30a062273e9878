<?php

declare(strict_types=1);

namespace Core\Colour;

/** The family that a colour is counted to when one asks whether a unit is all of one. Bounds from memory. */
enum ColourFamily: string
{
    case White = 'whites';
    case Grey = 'greys';
    case Black = 'blacks';
    case Red = 'reds';
    case Orange = 'oranges';
    case Brown = 'browns';
    case Yellow = 'yellows';
    case Green = 'greens';
    case Blue = 'blues';
    case Purple = 'purples';

    private const COLOURLESS = 8.0;

    /** Warm colours darker and duller than this are browns. */
    private const BROWN_UNDER = 50.0;

    private const BROWN_DULLER = 45.0;

    /** Whether it has a hue: white, grey and black have none. */
    public function hasHue(): bool
    {
        return ! in_array($this, [self::White, self::Grey, self::Black], true);
    }

    public static function of(Lab $colour): self
    {
        if ($colour->chroma() < self::COLOURLESS) {
            return match (true) {
                $colour->lightness >= 80 => self::White,
                $colour->lightness < 22 => self::Black,
                default => self::Grey,
            };
        }
        $hue = $colour->hue();
        if ($hue >= 40 && $hue < 95 && $colour->lightness < self::BROWN_UNDER && $colour->chroma() < self::BROWN_DULLER) {
            return self::Brown;
        }

        return match (true) {
            $hue < 40, $hue >= 345 => self::Red,
            $hue < 65 => self::Orange,
            $hue < 105 => self::Yellow,
            $hue < 190 => self::Green,
            $hue < 290 => self::Blue,
            default => self::Purple,
        };
    }
}
