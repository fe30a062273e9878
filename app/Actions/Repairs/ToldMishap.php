<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use Core\Rework\MishapKind;

/** What is told of a mishap. */
final readonly class ToldMishap
{
    /**
     * @param  string|null  $layer at fault; null: as is usual of the kind
     * @param  float  $share of the area, over 0 to 1
     * @param  bool  $lifted whether it came off while it was fresh
     * @param  string|null  $requestKey names the request, so that it is stored once however often it arrives
     */
    public function __construct(
        public string $area,
        public MishapKind $kind,
        public ?string $layer,
        public float $share,
        public string $note,
        public bool $lifted,
        public ?string $requestKey,
    ) {
    }
}
