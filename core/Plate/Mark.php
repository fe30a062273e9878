<?php

declare(strict_types=1);

namespace Core\Plate;

/** One drawn thing: a filled shape or a line, as path data of SVG, in a field of 120 by 72. */
final readonly class Mark
{
    /**
     * @param  string  $d path data
     * @param  string|null  $fill sRGB hex; null: not filled
     * @param  string|null  $stroke sRGB hex; null: no line
     * @param  float  $width of the line
     * @param  float  $opacity over 0 to 1
     * @param  float  $blur standard deviation of a blur; 0: crisp
     * @param  bool  $outside whether it may reach over the outline
     */
    private function __construct(
        public string $d,
        public ?string $fill,
        public ?string $stroke,
        public float $width,
        public float $opacity,
        public float $blur,
        public bool $outside,
    ) {
    }

    /** @param  array{d: string, fill: string|null, stroke: string|null, width: float, opacity: float, blur: float, outside: bool}  $drawn as {@see toArray()} has it */
    public static function of(array $drawn): self
    {
        return new self($drawn['d'], $drawn['fill'], $drawn['stroke'], $drawn['width'], $drawn['opacity'], $drawn['blur'], $drawn['outside']);
    }

    public static function filled(string $d, string $colour, float $opacity = 1.0, float $blur = 0.0, bool $outside = false): self
    {
        return new self($d, $colour, null, 0.0, $opacity, $blur, $outside);
    }

    public static function line(string $d, string $colour, float $width, float $opacity = 1.0, float $blur = 0.0, bool $outside = false): self
    {
        return new self($d, null, $colour, $width, $opacity, $blur, $outside);
    }

    /** @return array{d: string, fill: string|null, stroke: string|null, width: float, opacity: float, blur: float, outside: bool} as fine as it is seen */
    public function toArray(): array
    {
        return [
            'd' => $this->d, 'fill' => $this->fill, 'stroke' => $this->stroke, 'width' => $this->width,
            'opacity' => round($this->opacity, 3), 'blur' => round($this->blur, 1), 'outside' => $this->outside,
        ];
    }

    public static function dot(float $x, float $y, float $radius): string
    {
        return sprintf('M%1$.1f %2$.1fa%3$.2f %3$.2f 0 1 0 %4$.2f 0a%3$.2f %3$.2f 0 1 0 -%4$.2f 0Z', $x - $radius, $y, $radius, 2 * $radius);
    }
}
