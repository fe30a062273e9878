<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\StoreFigureType;
use App\Models\FigureType;
use App\Models\Job;

/** A job keeps a copy of its types, so that a later change of the studio's type does not touch it. Called within a transaction. */
final readonly class TypeInJob
{
    public function __construct(private StoreFigureType $types)
    {
    }

    /** The job's own where it has one, else a copy of the studio's, unless that is retired; null: neither has it. */
    public function of(string $key, Job $job): ?FigureType
    {
        $copy = FigureType::query()->where('job_id', $job->id)->where('key', $key)->first();
        if ($copy !== null) {
            return $copy;
        }
        $type = FigureType::query()->whereNull('job_id')->where('retired', false)->where('key', $key)->with(FigureTypes::RELATIONS)->first();

        return $type === null ? null : $this->types->copy($type, $job, $key, $type->name);
    }
}
