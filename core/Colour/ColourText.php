<?php

declare(strict_types=1);

namespace Core\Colour;

/** A colour as it is typed: hex with or without its sign, or L*a*b* as three numbers. */
final readonly class ColourText
{
    /** @throws BadColour */
    public static function read(string $text): Srgb
    {
        $text = trim($text);
        if (preg_match('/^#?([0-9a-f]{6})$/i', $text, $match) === 1) {
            return Srgb::fromHex("#{$match[1]}");
        }
        if (preg_match('/^#?([0-9a-f])([0-9a-f])([0-9a-f])$/i', $text, $match) === 1) {
            return Srgb::fromHex("#{$match[1]}{$match[1]}{$match[2]}{$match[2]}{$match[3]}{$match[3]}");
        }
        $number = '(-?\d+(?:\.\d+)?)';
        if (preg_match("/^(?:lab\s*)?\(?\s*{$number}\s*[,;\s]\s*{$number}\s*[,;\s]\s*{$number}\s*\)?$/i", $text, $match) === 1) {
            $lightness = (float) $match[1];

            return $lightness >= 0 && $lightness <= 100
                ? Srgb::fromLab(new Lab($lightness, (float) $match[2], (float) $match[3]))
                : throw BadColour::lightness($match[1]);
        }

        throw BadColour::typed($text);
    }
}
