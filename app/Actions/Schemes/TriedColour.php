<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Colour\Srgb;
use Core\Scheme\Tried;

/** What came nearest to a colour. */
final readonly class TriedColour
{
    public function __construct(
        public Srgb $wanted,
        public ?Tried $ratio,
        public ?Tried $glaze,
    ) {
    }
}
