<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Studios\Waiting;
use App\Http\Shared\PageNumbers;
use App\Http\Shared\Resource;
use App\Models\Figure;
use App\Models\User;

/**
 * Figures that wait to be checked, by page.
 *
 * @phpstan-type CheckRow array{
 *   figure_id: int,
 *   job_id: int,
 *   job: string,
 *   unit: string,
 *   number: int,
 *   leader: bool,
 *   tier: string,
 *   painter: string|null,
 *   open_check: bool,
 *   own_work: bool,
 *   mended: list<string>,
 *   since: string|null,
 * }
 * @phpstan-type ChecksPage array{rows: list<CheckRow>, page: int, pages: int, all: int}
 */
final readonly class ChecksResource extends Resource
{
    private const AT_ONCE = 50;

    public function __construct(
        private Waiting $waiting,
        private User $user,
    ) {
    }

    /** @return ChecksPage */
    public function toArray(): array
    {
        $page = $this->waiting->figuresToCheck(self::AT_ONCE);
        $figures = array_values($page->items());
        $ids = array_map(static fn (Figure $figure): int => $figure->id, $figures);
        $own = $this->waiting->ownWork($this->user, $ids);
        $mended = Waiting::mended($ids);

        return [
            'rows' => array_map(static fn (Figure $figure): array => [
                'figure_id' => $figure->id, 'job_id' => $figure->unit->job_id, 'job' => $figure->unit->job->name, 'unit' => $figure->unit->name,
                'number' => $figure->number, 'leader' => $figure->leader,
                'tier' => $figure->tier->name ?? $figure->unit->tier->name,
                'painter' => $figure->painter->name ?? $figure->unit->painter->name ?? null,
                'open_check' => $figure->checks->isNotEmpty(),
                'own_work' => in_array($figure->id, $own, true),
                'mended' => $mended[$figure->id] ?? [],
                'since' => $figure->updated_at?->toIso8601ZuluString(),
            ], $figures),
            ...PageNumbers::of($page),
        ];
    }
}
