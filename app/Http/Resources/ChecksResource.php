<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Studios\Waiting;
use App\Models\Figure;
use App\Models\User;

/**
 * Figures that wait to be checked.
 *
 * @phpstan-type CheckRow array{figure_id: int, job_id: int, job: string, unit: string, number: int, leader: bool, tier: string, painter: string|null, open_check: bool, own_work: bool, since: string|null}
 */
final readonly class ChecksResource extends Resource
{
    public function __construct(
        private Waiting $waiting,
        private User $user,
    ) {
    }

    /** @return list<CheckRow> */
    public function toArray(): array
    {
        $own = $this->waiting->ownWork($this->user);

        return array_map(static fn (Figure $figure): array => [
            'figure_id' => $figure->id, 'job_id' => $figure->unit->job_id, 'job' => $figure->unit->job->name, 'unit' => $figure->unit->name,
            'number' => $figure->number, 'leader' => $figure->leader,
            'tier' => $figure->tier->name ?? $figure->unit->tier->name,
            'painter' => $figure->painter->name ?? $figure->unit->painter->name ?? null,
            'open_check' => $figure->checks->isNotEmpty(),
            'own_work' => in_array($figure->id, $own, true),
            'since' => $figure->updated_at?->toIso8601ZuluString(),
        ], $this->waiting->figuresToCheck());
    }
}
