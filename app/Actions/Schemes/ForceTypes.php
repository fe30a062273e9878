<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\FigureTypes\FigureTypes;
use App\Models\FigureType as TypeRow;
use App\Models\Job;
use Core\Composition\FigureType;

/** The figure types that a force is made of: those of its jobs, and where it has none yet all of the studio. */
final readonly class ForceTypes
{
    /** @return array<string, FigureType> by key, in the order of the jobs */
    public function of(int $forceId): array
    {
        $jobs = Job::query()->where('force_id', $forceId)->orderBy('id')->pluck('id')->all();
        $types = [];
        foreach (TypeRow::query()->whereIn('job_id', $jobs)->has('units')->with(FigureTypes::RELATIONS)->orderBy('id')->get() as $row) {
            $types[$row->key] ??= FigureTypes::core($row);
        }
        if ($types === []) {
            foreach (TypeRow::query()->whereNull('job_id')->with(FigureTypes::RELATIONS)->orderBy('name')->get() as $row) {
                $types[$row->key] = FigureTypes::core($row);
            }
        }

        return $types;
    }
}
