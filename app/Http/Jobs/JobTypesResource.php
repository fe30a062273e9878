<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\FigureTypes\JobType;
use App\Http\Shared\Resource;
use App\Models\Job;
use Core\Listing\TypeChange;
use Core\Standard\Surface;

/**
 * The figure types of a job.
 *
 * @phpstan-type JobType_ array{
 *   id: int,
 *   key: string,
 *   name: string,
 *   size: string,
 *   figures: int,
 *   signed: int,
 *   areas: int,
 *   studio: array{id: int, name: string}|null,
 *   changes: list<array{area: string|null, what: string}>,
 * }
 * @phpstan-type JobTypes_ array{version: int, types: list<JobType_>}
 */
final readonly class JobTypesResource extends Resource
{
    /** @param  list<JobType>  $types */
    public function __construct(
        private Job $job,
        private array $types,
    ) {
    }

    /** @return JobTypes_ */
    public function toArray(): array
    {
        return ['version' => $this->job->version, 'types' => array_map(self::type(...), $this->types)];
    }

    /** @return JobType_ */
    private static function type(JobType $type): array
    {
        return [
            'id' => $type->copy->id,
            'key' => $type->copy->key,
            'name' => $type->copy->name,
            'size' => $type->copy->size_class->inWords(),
            'figures' => $type->figures,
            'signed' => $type->signed,
            'areas' => $type->copy->areas->where('surface', '<>', Surface::WHOLE)->count(),
            'studio' => $type->studio === null ? null : ['id' => $type->studio->id, 'name' => $type->studio->name],
            'changes' => array_map(static fn (TypeChange $change): array => ['area' => $change->area, 'what' => $change->what], $type->changes),
        ];
    }
}
