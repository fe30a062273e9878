<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;

/** The middle colour again on the raised parts of an area, before new lights; the shade stays in the recesses. */
final readonly class Tidying
{
    /** @param  float  $minutes of one coat of the area's first lay-in, at least 0 */
    public function __construct(
        public Area $area,
        public float $minutes,
    ) {
    }
}
