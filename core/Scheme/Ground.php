<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;

/** What lies under all paint: one primer, or a value sketch of two, the second over the raised parts of the first. */
final readonly class Ground
{
    /** Share of a figure that a sketch lightens where nobody has said it. From memory. */
    public const OF_SKETCH = 0.5;

    /**
     * @param  Srgb|null  $sketch as it is seen over the first; null: one primer alone
     * @param  float  $cover share of the figure that the sketch lies on, 0 to 1
     *
     * @throws NotARung
     */
    public function __construct(
        public Srgb $colour,
        private ?Srgb $sketch = null,
        private float $cover = self::OF_SKETCH,
    ) {
        if (! ($cover > 0 && $cover <= 1)) {
            throw NotARung::cover($cover);
        }
    }

    public function patches(): Patches
    {
        $patches = Patches::of($this->colour);

        return $this->sketch === null ? $patches : $patches->raised($this->sketch, $this->cover);
    }

    public function withoutSketch(): self
    {
        return new self($this->colour);
    }

    /** @return non-empty-list<Srgb> of the work that lays a ground, in turn */
    public function colours(): array
    {
        return $this->sketch === null ? [$this->colour] : [$this->colour, $this->sketch];
    }
}
