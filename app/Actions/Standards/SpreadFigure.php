<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use Core\Composition\Composition;
use Core\Composition\SpreadMinutes;
use Core\Standard\Standard;

/**
 * A total spread over the uses of a tier, seen on one figure.
 *
 * @phpstan-import-type RequirementDocument from \Document\Member\RequirementMembers
 */
final readonly class SpreadFigure
{
    /** @param  list<RequirementDocument>  $requirements as they are written */
    public function __construct(
        public Standard $standard,
        public string $tier,
        public Composition $figure,
        public SpreadMinutes $spread,
        public array $requirements,
    ) {
    }
}
