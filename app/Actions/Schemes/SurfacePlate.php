<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Composition\TypeArea;
use Core\Plate\Plate;
use Core\Scheme\TierLadder;
use Core\Standard\Tier;

/** How one area comes out at one tier. */
final readonly class SurfacePlate
{
    /**
     * @param  TierLadder|null  $ladder null where the scheme says nothing of the area
     * @param  Plate|null  $plate null where the tier asks for nothing there
     */
    public function __construct(
        public TypeArea $area,
        public Tier $tier,
        public ?TierLadder $ladder,
        public ?Plate $plate,
    ) {
    }
}
