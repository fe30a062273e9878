<?php

declare(strict_types=1);

namespace App\Export;

use Core\Plate\Draughtsman;
use Core\Plate\Drawing;
use Core\Plate\NeutralPlate;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** One side of a comparison: a tier of a version of the standard. */
final readonly class ComparisonSide
{
    public function __construct(
        public Standard $standard,
        public Tier $tier,
    ) {
    }

    /** Null where nothing is asked. */
    public function drawing(string $surface): ?Drawing
    {
        $requirement = $this->standard->hasSurface($surface) ? $this->standard->requirement($this->tier->id, $surface) : null;
        if ($requirement === null || $requirement->asksNothing()) {
            return null;
        }
        $plate = (new NeutralPlate($this->standard))->of($surface, $requirement->included(), $this->tier->id);

        return (new Draughtsman)->draw($plate, $this->standard->surface($surface)->drawnAs());
    }
}
