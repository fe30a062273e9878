<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use Core\Scheme\LadderReading;

/** A ladder before and after one paint stands in for another. */
final readonly class TouchedLadder
{
    public function __construct(
        public Scheme $scheme,
        public string $area,
        public string $figureType,
        public LadderReading $before,
        public LadderReading $after,
    ) {
    }
}
