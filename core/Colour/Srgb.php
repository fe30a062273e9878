<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A colour of a screen. Kept as linear light, since paint that covers a part of what it lies on lets that
 * part of its light through. sRGB by IEC 61966-2-1; linear sRGB to luminance by the row of its matrix to
 * XYZ (D65); lightness by CIE 15.
 */
final readonly class Srgb
{
    /** Where CIE 15 goes from the straight part of the lightness curve to the cube root: (6/29)³. */
    private const KNEE = 216 / 24389;

    /** (29/3)³ */
    private const SLOPE = 24389 / 27;

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
        [$red, $green, $blue] = array_map(
            static fn (string $digits): float => self::linear(hexdec($digits) / 255),
            str_split(substr($hex, 1), 2),
        ) + [0.0, 0.0, 0.0];

        return new self($red, $green, $blue);
    }

    /** In lower case. */
    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', self::encoded($this->red), self::encoded($this->green), self::encoded($this->blue));
    }

    /** L* of CIE 1976, 0 for black to 100 for white. */
    public function lightness(): float
    {
        $y = 0.2126729 * $this->red + 0.7151522 * $this->green + 0.0721750 * $this->blue;

        return $y > self::KNEE ? 116 * $y ** (1 / 3) - 16 : self::SLOPE * $y;
    }

    /** With another colour over a share of it, 0 to 1; as it is shown, in eight bits a channel. */
    public function under(self $other, float $share): self
    {
        return self::fromHex((new self(
            $this->red + $share * ($other->red - $this->red),
            $this->green + $share * ($other->green - $this->green),
            $this->blue + $share * ($other->blue - $this->blue),
        ))->hex());
    }

    private static function linear(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }

    private static function encoded(float $linear): int
    {
        $encoded = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;

        return (int) round(255 * min(1, max(0, $encoded)));
    }
}
