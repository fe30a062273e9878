<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\Standard\Opacity;
use Core\Standard\OutOfRange;

/** A layer of paint on one area. */
final readonly class Layer
{
    /** Whether it hides what is foreign to it. A pale opaque colour may not. */
    public bool $covers;

    /**
     * @param  float  $minutes for the whole area, at least 0
     * @param  bool|null  $covers null: as is usual of its opacity
     *
     * @throws CannotCover if it lets through and is said to hide
     */
    public function __construct(
        public string $id,
        public Opacity $opacity,
        public float $minutes,
        ?bool $covers = null,
        string $at = '',
    ) {
        if ($minutes < 0) {
            throw OutOfRange::below('minutes', 0, $minutes);
        }
        if ($covers === true && $opacity !== Opacity::Opaque) {
            throw CannotCover::layer($id, $opacity, "{$at}/covers");
        }
        $this->covers = $covers ?? $opacity === Opacity::Opaque;
    }
}
