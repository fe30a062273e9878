<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Studios\JobStanding;
use App\Http\Shared\Resource;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Scheme;
use App\Models\StandardPiece;
use App\Models\Tier;
use Carbon\CarbonImmutable;
use Core\Plan\Deadline;
use Core\Plan\FigureState;
use Core\Standard\Purpose;

/**
 * One job.
 *
 * @phpstan-type JobSummary array{
 *   id: int,
 *   name: string,
 *   client: string,
 *   due: string|null,
 *   days_left: int|null,
 *   figures: int,
 *   signed: int,
 *   states: list<array{state: value-of<FigureState>, figures: int}>,
 *   late: bool,
 *   state: value-of<JobState>,
 * }
 * @phpstan-type Job_ array{
 *   id: int,
 *   name: string,
 *   client: string,
 *   due: string|null,
 *   force: string,
 *   notes: string,
 *   purpose: value-of<Purpose>|null,
 *   wishes: list<string>,
 *   state: value-of<JobState>,
 *   version: int,
 *   standard: array{id: int, name: string, version: string},
 *   tiers: list<array{key: string, name: string, rank: int, retired: bool, by_agreement: bool}>,
 *   surfaces: list<array{key: string, name: string}>,
 *   schemes: list<array{id: int, name: string, common: bool}>,
 * }
 */
final readonly class JobResource extends Resource
{
    public function __construct(
        private Job $job,
    ) {
    }

    /** @return Job_ */
    public function toArray(): array
    {
        $job = $this->job->loadMissing(['force.schemes', 'standardVersion.standard', 'standardVersion.tiers.piece', 'standardVersion.surfaces']);

        return [
            'id' => $job->id,
            'name' => $job->name,
            'client' => $job->client,
            'due' => $job->due?->format('Y-m-d'),
            'force' => $job->force->name,
            'notes' => $job->notes,
            'purpose' => $job->purpose?->value,
            'wishes' => $job->wishes(),
            'state' => $job->state->value,
            'version' => $job->version,
            'standard' => ['id' => $job->standard_version_id, 'name' => $job->standardVersion->standard->name, 'version' => $job->standardVersion->label],
            'tiers' => array_values($job->standardVersion->tiers->sortBy('rank')->map(static fn (Tier $tier): array => [
                'key' => $tier->key, 'name' => $tier->name, 'rank' => $tier->rank, 'retired' => $tier->retired, 'by_agreement' => $tier->by_agreement,
            ])->all()),
            'surfaces' => array_values($job->standardVersion->surfaces->map(static fn (StandardPiece $surface): array => ['key' => $surface->key, 'name' => $surface->text('name')])->all()),
            'schemes' => array_values($job->force->schemes->map(static fn (Scheme $scheme): array => ['id' => $scheme->id, 'name' => $scheme->name, 'common' => $scheme->common_id === null])->all()),
        ];
    }

    /** @return JobSummary */
    public static function summary(JobStanding $standing): array
    {
        $job = $standing->job;
        $deadline = $job->due === null ? null : new Deadline($job->due, CarbonImmutable::now($job->studioTimeZone()));
        $states = array_map(static fn (FigureState $state): array => ['state' => $state->value, 'figures' => $standing->at($state)], FigureState::cases());
        [$figures, $signed] = [$standing->all(), $standing->at(FigureState::Signed)];

        return [
            'id' => $job->id, 'name' => $job->name, 'client' => $job->client, 'due' => $job->due?->format('Y-m-d'), 'days_left' => $deadline?->daysLeft(),
            'figures' => $figures, 'signed' => $signed, 'states' => $states, 'late' => $job->state === JobState::Open && ($deadline?->isMissed($figures, $signed) ?? false), 'state' => $job->state->value,
        ];
    }
}
