<?php

declare(strict_types=1);

namespace Core\Plate;

/** A proof plate as it is drawn: marks in order, clipped to the outline unless they may reach over it. */
final readonly class Drawing
{
    /** @param  list<Mark>  $marks */
    public function __construct(
        public string $outline,
        public array $marks,
    ) {
    }
}
