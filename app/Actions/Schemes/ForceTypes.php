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
        $types = [];
        // Of the copies of a type that jobs of the force have, the first: a force of fifty jobs has no more types than one.
        $first = TypeRow::query()->whereIn('job_id', Job::query()->where('force_id', $forceId)->select('id'))->has('units')->groupBy('key')->selectRaw('MIN(id)');
        foreach (TypeRow::query()->whereIn('id', $first)->with(FigureTypes::RELATIONS)->orderBy('id')->get() as $row) {
            $types[$row->key] = FigureTypes::core($row);
        }
        if ($types === []) {
            foreach (TypeRow::query()->whereNull('job_id')->with(FigureTypes::RELATIONS)->orderBy('name')->get() as $row) {
                $types[$row->key] = FigureTypes::core($row);
            }
        }

        return $types;
    }
}
