<?php

declare(strict_types=1);

namespace App\Http\Today;

use App\Actions\Studios\FirstStep;
use App\Actions\Studios\Waiting;
use App\Http\Jobs\JobResource;
use App\Http\Shared\Resource;
use App\Models\Figure;
use App\Models\Unit;
use Core\Plan\FigureState;

/**
 * What waits for somebody.
 *
 * @phpstan-import-type JobSummary from JobResource
 *
 * @phpstan-type WaitingFigure array{
 *   id: int,
 *   job_id: int,
 *   job: string,
 *   unit: string,
 *   number: int,
 *   leader: bool,
 *   state: value-of<FigureState>,
 *   painter: string|null,
 *   since: string|null,
 *   mended: list<string>,
 * }
 * @phpstan-type WaitingUnit array{
 *   job_id: int,
 *   job: string,
 *   unit_id: int,
 *   unit: string,
 *   figures: int,
 *   due: string|null,
 * }
 * @phpstan-type FirstStep_ array{step: value-of<FirstStep>, done: bool}
 * @phpstan-type Today array{
 *   checks: list<WaitingFigure>,
 *   refused: list<WaitingFigure>,
 *   bench: list<WaitingUnit>,
 *   bench_all: int,
 *   jobs: list<JobSummary>,
 *   checks_all: int,
 *   refused_all: int,
 *   proposals: int,
 *   first_steps: list<FirstStep_>|null,
 *   chain: array{holds: bool, records: int, faults: int, verified_at: string|null},
 * }
 */
final readonly class TodayResource extends Resource
{
    /** What is more is counted, and listed in its place. */
    private const AT_ONCE = 20;

    public function __construct(private Waiting $waiting)
    {
    }

    /** @return Today */
    public function toArray(): array
    {
        $checks = $this->waiting->figuresToCheck(self::AT_ONCE);
        $refused = $this->waiting->refusedFigures(self::AT_ONCE);
        $bench = $this->waiting->unitsAtTheBench(self::AT_ONCE);
        $mended = Waiting::mended(array_map(static fn (Figure $figure): int => $figure->id, [...$checks->items(), ...$refused->items()]));

        return [
            'checks' => array_map(fn (Figure $figure): array => $this->figure($figure, $mended), array_values($checks->items())),
            'checks_all' => $checks->total(),
            'refused' => array_map(fn (Figure $figure): array => $this->figure($figure, $mended), array_values($refused->items())),
            'refused_all' => $refused->total(),
            'bench' => array_map(self::unit(...), array_values($bench->items())),
            'bench_all' => $bench->total(),
            'jobs' => array_map(JobResource::summary(...), $this->waiting->openJobs()),
            'proposals' => $this->waiting->proposals(),
            'first_steps' => $this->firstSteps(),
            'chain' => $this->chain(),
        ];
    }

    /** @return WaitingUnit */
    private static function unit(Unit $unit): array
    {
        $figures = $unit->getAttribute('waiting');

        return [
            'job_id' => $unit->job_id, 'job' => $unit->job->name, 'unit_id' => $unit->id, 'unit' => $unit->name,
            'figures' => is_numeric($figures) ? (int) $figures : 0, 'due' => $unit->job->due?->format('Y-m-d'),
        ];
    }

    /** @return list<FirstStep_>|null null: a figure of the studio was signed, or it is not for who asks to begin */
    private function firstSteps(): ?array
    {
        return ! $this->waiting->isOfLead() || FirstStep::Record->isDone()
            ? null
            : array_map(static fn (FirstStep $step): array => ['step' => $step->value, 'done' => $step->isDone()], FirstStep::cases());
    }

    /** @return array{holds: bool, records: int, faults: int, verified_at: string|null} as it was last verified */
    private function chain(): array
    {
        $last = $this->waiting->lastVerification();

        return ['holds' => $last === null || $last->faults === [], 'records' => $last->records ?? 0, 'faults' => count($last->faults ?? []), 'verified_at' => $last?->verified_at->toIso8601ZuluString()];
    }

    /**
     * @param  array<int, list<string>>  $mended areas, by figure
     * @return WaitingFigure
     */
    private function figure(Figure $figure, array $mended): array
    {
        return [
            'id' => $figure->id,
            'job_id' => $figure->unit->job_id,
            'job' => $figure->unit->job->name,
            'unit' => $figure->unit->name,
            'number' => $figure->number,
            'leader' => $figure->leader,
            'state' => $figure->state->value,
            'painter' => $figure->painter->name ?? $figure->unit->painter->name ?? null,
            'since' => $figure->updated_at?->toIso8601ZuluString(),
            'mended' => $mended[$figure->id] ?? [],
        ];
    }
}
