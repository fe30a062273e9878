<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A colour of a screen. Kept as linear light, since paint that covers a part of what it lies on lets that
 * part of its light through. sRGB by IEC 61966-2-1, with the matrix from linear sRGB to XYZ (D65); L*a*b* by
 * CIE 15.
 */
final readonly class Srgb
{
    /** Where CIE 15 goes from the straight part of the lightness curve to the cube root: (6/29)³. */
    private const KNEE = 216 / 24389;

    /** (29/3)³ */
    private const SLOPE = 24389 / 27;

    /** X and Z of the white; its Y is 1. */
    private const WHITE_X = 0.95047;

    private const WHITE_Z = 1.08883;

    /**
     * @param  float  $red linear, 0 to 1
     * @param  float  $green linear, 0 to 1
     * @param  float  $blue linear, 0 to 1
     */
    private function __construct(
        private float $red,
        private float $green,
        private float $blue,
    ) {
    }

    /** @throws BadColour unless it is written like #3e4c57, digits in either case */
    public static function fromHex(string $hex): self
    {
        if (preg_match('/^#[0-9a-f]{6}$/i', $hex) !== 1) {
            throw BadColour::written($hex);
        }
        $bits = (int) hexdec(substr($hex, 1));

        return new self(self::linear($bits >> 16), self::linear($bits >> 8 & 255), self::linear($bits & 255));
    }

    /**
     * What a screen cannot show is brought to the nearest that it can, channel by channel.
     *
     * @param  float  $red linear, like the others
     */
    public static function ofLight(float $red, float $green, float $blue): self
    {
        return new self(self::shown($red), self::shown($green), self::shown($blue));
    }

    /** The nearest colour that a screen shows, channel by channel. */
    public static function fromLab(Lab $lab): self
    {
        $y = ($lab->lightness + 16) / 116;
        $luminance = self::cubed($y);
        $x = self::WHITE_X * self::cubed($y + $lab->a / 500);
        $z = self::WHITE_Z * self::cubed($y - $lab->b / 200);

        return self::ofLight(
            3.2404542 * $x - 1.5371385 * $luminance - 0.4985314 * $z,
            -0.9692660 * $x + 1.8760108 * $luminance + 0.0415560 * $z,
            0.0556434 * $x - 0.2040259 * $luminance + 1.0572252 * $z,
        );
    }

    public function lab(): Lab
    {
        $x = self::rooted((0.4124564 * $this->red + 0.3575761 * $this->green + 0.1804375 * $this->blue) / self::WHITE_X);
        $y = self::rooted($this->luminance());
        $z = self::rooted((0.0193339 * $this->red + 0.1191920 * $this->green + 0.9503041 * $this->blue) / self::WHITE_Z);

        return new Lab(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /** @return array{float, float, float} red, green and blue, linear, 0 to 1 */
    public function light(): array
    {
        return [$this->red, $this->green, $this->blue];
    }

    /** Y of CIE 1931, 0 for black to 1 for white. */
    public function luminance(): float
    {
        return 0.2126729 * $this->red + 0.7151522 * $this->green + 0.0721750 * $this->blue;
    }

    /** In lower case. */
    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', self::encoded($this->red), self::encoded($this->green), self::encoded($this->blue));
    }

    /** L* of CIE 1976, 0 for black to 100 for white. */
    public function lightness(): float
    {
        return 116 * self::rooted($this->luminance()) - 16;
    }

    /** With another colour over a share of it, 0 to 1; as it is shown, in eight bits a channel. */
    public function under(self $other, float $share): self
    {
        return (new self(
            $this->red + $share * ($other->red - $this->red),
            $this->green + $share * ($other->green - $this->green),
            $this->blue + $share * ($other->blue - $this->blue),
        ))->rounded();
    }

    /** As it is shown, in eight bits a channel. */
    public function rounded(): self
    {
        return self::fromHex($this->hex());
    }

    private static function shown(float $linear): float
    {
        return min(1.0, max(0.0, $linear));
    }

    /** The function f of CIE 15, 8.2.1.1. */
    private static function rooted(float $part): float
    {
        return $part > self::KNEE ? $part ** (1 / 3) : (self::SLOPE * $part + 16) / 116;
    }

    private static function cubed(float $root): float
    {
        return $root ** 3 > self::KNEE ? $root ** 3 : (116 * $root - 16) / self::SLOPE;
    }

    /** @param  int  $level 0 to 255 */
    private static function linear(int $level): float
    {
        // There are only so many levels, and long lists of colours.
        /** @var array<int, float> $known */
        static $known = [];

        return $known[$level] ??= $level <= 0.04045 * 255 ? $level / 255 / 12.92 : (($level / 255 + 0.055) / 1.055) ** 2.4;
    }

    private static function encoded(float $linear): int
    {
        $encoded = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;

        return (int) round(255 * min(1, max(0, $encoded)));
    }
}
