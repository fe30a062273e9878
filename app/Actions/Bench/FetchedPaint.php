<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Scheme\Paint;

/** A paint to have on the table, and how much of it is taken. */
final readonly class FetchedPaint
{
    /** @param  float  $ml over 0 */
    public function __construct(
        public Paint $paint,
        public float $ml,
    ) {
    }
}
