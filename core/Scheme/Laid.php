<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;

/** What lies on an area while its ladder is laid. */
final readonly class Laid
{
    /**
     * @param  Patches  $faces what shows on the faces by now
     * @param  Srgb|null  $base null before it is laid
     * @param  Srgb|null  $tone what lights lie on
     * @param  Srgb|null  $shade the last one
     * @param  Srgb|null  $veil the shade that lies over the tone on its faces; null where none is known to
     */
    public function __construct(
        public Patches $faces,
        public ?Srgb $base = null,
        public ?Srgb $tone = null,
        public ?Srgb $shade = null,
        public ?Srgb $veil = null,
    ) {
    }

    public function grounded(Patches $faces): self
    {
        return new self($faces, $this->base, $this->tone, $this->shade, $this->veil);
    }

    /** Lights lie on its raised parts: where a sketch lightens those, on what is lighter than the whole. */
    public function based(Patches $faces, Srgb $base): self
    {
        return new self($faces, $base, $faces->top(), $this->shade);
    }

    /** @param  Patches|null  $faces null where the shade leaves them as they are */
    public function shaded(Srgb $shade, ?Patches $faces): self
    {
        return new self($faces ?? $this->faces, $this->base, $this->tone, $shade, $faces === null ? $this->veil : $shade);
    }

    /** A line is no tone that others lie on. */
    public function raised(Srgb $shown, float $cover, bool $isLine): self
    {
        $faces = $this->faces->raised($shown, $cover);

        return $isLine ? $this->grounded($faces) : new self($faces, $this->base, $shown, $this->shade);
    }
}
