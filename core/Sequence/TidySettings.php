<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\OutOfRange;

/** What it takes to tidy an area back after messy work near it. Studio settings; the defaults are common practice, no source. */
final readonly class TidySettings
{
    /**
     * @param  float  $fixed minutes each time, at least 0
     * @param  float  $share of the minutes of what is laid again there, at least 0
     */
    public function __construct(
        public float $fixed = 0.5,
        public float $share = 0.1,
    ) {
        if ($fixed < 0) {
            throw OutOfRange::below('tidy_fixed', 0, $fixed);
        }
        if ($share < 0) {
            throw OutOfRange::below('tidy_share', 0, $share);
        }
    }
}
