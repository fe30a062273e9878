<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Import\GivenRoster;
use App\Import\Roster;
use App\Models\Job;
use App\Models\RosterColumn;
use App\Models\Tier;
use App\Models\Unit;
use LogicException;

/** Takes a roster into a job: whole or not at all. */
final readonly class TakeRoster
{
    public function __construct(
        private ReadRoster $reading,
        private TypeInJob $types,
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
        /** @var array<string, Unit> $units */
        $units = [];
        /** @var array<string, int> $numbered */
        $numbered = [];
        foreach ($roster->lines as $line) {
            $type = $this->types->of($line->figureType, $job) ?? throw new LogicException("The roster was read with a type \"{$line->figureType}\".");
            // Lines of one unit: the first says what it is, the figures of others have of their own what is otherwise.
            $unit = $units[$line->unitKey()] ??= Unit::query()->create([
                'job_id' => $job->id,
                'figure_type_id' => $type->id,
                'tier_id' => $tiers[$line->tier],
                'name' => $line->unit,
                'note' => $line->note,
                'position' => $position++,
            ]);
            $from = $numbered[$line->unitKey()] ?? 0;
            FigureRows::insert($unit, new FigureLine($from + 1, $line->count, $type->id, $tiers[$line->tier], $line->leaderCount, $line->leaderTier === null ? null : $tiers[$line->leaderTier]));
            $numbered[$line->unitKey()] = $from + $line->count;
        }
        $job->increment('version');
    }
}
