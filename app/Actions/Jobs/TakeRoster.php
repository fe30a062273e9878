<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\StoreFigureType;
use App\Actions\Transaction;
use App\Import\GivenRoster;
use App\Import\Roster;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\RosterColumn;
use App\Models\Tier;
use App\Models\Unit;

/** Takes a roster into a job: whole or not at all. */
final readonly class TakeRoster
{
    public function __construct(
        private ReadRoster $reading,
        private StoreFigureType $types,
    ) {
    }

    /** @return Roster what was taken, or, with problems, what stopped it */
    public function handle(Job $job, GivenRoster $given): Roster
    {
        return Transaction::run(function () use ($job, $given): Roster {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $roster = $this->reading->handle($locked, $given);
            if ($roster->isSound()) {
                $this->take($locked, $roster);
                foreach ($given->columns as $heading => $column) {
                    RosterColumn::query()->updateOrCreate(['heading' => (string) $heading], ['column' => $column]);
                }
            }

            return $roster;
        });
    }

    private function take(Job $job, Roster $roster): void
    {
        /** @var array<array-key, int> $tiers */
        $tiers = Tier::query()->where('standard_version_id', $job->standard_version_id)->pluck('id', 'key')->all();
        $position = Unit::query()->where('job_id', $job->id)->count();
        foreach ($roster->lines as $line) {
            $unit = Unit::query()->create([
                'job_id' => $job->id,
                'figure_type_id' => $this->copyOf($line->figureType, $job)->id,
                'tier_id' => $tiers[$line->tier],
                'name' => $line->unit,
                'note' => $line->note,
                'position' => $position++,
            ]);
            FigureRows::insert($unit, 1, $line->count, $line->leaderCount, $line->leaderTier === null ? null : $tiers[$line->leaderTier]);
        }
        $job->increment('version');
    }

    /** A job keeps a copy of its types, so that a later change of the studio's type does not touch it. */
    private function copyOf(string $key, Job $job): FigureType
    {
        $copy = FigureType::query()->where('job_id', $job->id)->where('key', $key)->first();
        if ($copy !== null) {
            return $copy;
        }
        $type = FigureType::query()->whereNull('job_id')->where('key', $key)->with(FigureTypes::RELATIONS)->firstOrFail();

        return $this->types->copy($type, $job, $key, $type->name);
    }
}
