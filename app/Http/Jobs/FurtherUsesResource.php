<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use Core\Composition\OfferedAddition;
use Core\Standard\Standard;
use Core\Standard\UseWords;

/**
 * What could be added on an area: tiers by rank, in a tier in the order of laying.
 *
 * @phpstan-type FurtherUse array{
 *   tier: string,
 *   tier_name: string,
 *   use: string,
 *   name: string,
 *   degree: string,
 *   minutes: float,
 *   judged_by: list<string>,
 * }
 * @phpstan-type FurtherUses array{uses: list<FurtherUse>}
 */
final readonly class FurtherUsesResource extends Resource
{
    /** @param  list<OfferedAddition>  $offered */
    public function __construct(
        private array $offered,
        private Standard $standard,
    ) {
    }

    /** @return FurtherUses */
    public function toArray(): array
    {
        return ['uses' => array_map(fn (OfferedAddition $one): array => [
            'tier' => $one->tier->id, 'tier_name' => $one->tier->name,
            'use' => $one->use->id, 'name' => $this->standard->technique($one->use->techniques[0])->name, 'degree' => UseWords::degree($one->use),
            'minutes' => $one->minutes,
            'judged_by' => array_column($one->criteria, 'text'),
        ], $this->offered)];
    }
}
