<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheets;
use App\Actions\Schemes\StudioRules;
use App\Models\CurrentStudio;
use App\Models\HoursRow;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Studio;
use App\Models\Unit;
use Carbon\CarbonImmutable;
use Core\Plan\BenchHours;
use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Builder;

/** Plans a studio from what is marked by now: it is reckoned anew each time, so that it never lags behind the bench. */
final readonly class StudioPlans
{
    public function __construct(
        private BenchSheets $sheets,
        private StudioRules $rules,
        private CurrentStudio $studio,
    ) {
    }

    public function now(): StudioPlan
    {
        $jobs = self::underWay();
        $byId = array_column($jobs, null, 'id');
        $sheets = [];
        foreach ($this->sheets->ofUnits(self::toPaint(array_keys($byId))) as $sheet) {
            array_push($sheets, ...PlannedSheet::allOf($byId[$sheet->first()->unit->job_id], $sheet));
        }
        $zone = Studio::query()->findOrFail($this->studio->id())->time_zone;

        return new StudioPlan($jobs, $sheets, self::hours(), CarbonImmutable::now($zone)->startOfMinute(), $this->rules->now()->paintChange);
    }

    /**
     * @param  list<int>  $jobs ids, in their order
     * @return list<int> ids of their units on which something is left to paint, in the order of the jobs
     */
    private static function toPaint(array $jobs): array
    {
        $places = array_flip($jobs);
        $units = Unit::query()->whereIn('job_id', $jobs)->whereHas('figures', static fn (Builder $figures): Builder => $figures->whereIn('state', FigureState::AT_THE_BENCH))
            ->orderBy('position')->get(['id', 'job_id'])->all();
        usort($units, static fn (Unit $one, Unit $other): int => $places[$one->job_id] <=> $places[$other->job_id]);

        return array_map(static fn (Unit $unit): int => $unit->id, $units);
    }

    /** @return list<Job> open and not set aside, what is due first */
    private static function underWay(): array
    {
        return array_values(Job::query()->where('state', JobState::Open)->whereNull('aside_at')->orderByRaw('due IS NULL, due, id')->get()->all());
    }

    /** @return array<int, BenchHours> by person; of who has an account no more, none */
    private static function hours(): array
    {
        $rows = HoursRow::query()->join('users', 'users.id', '=', 'bench_hours.user_id')->whereNull('users.ended_at')->select('bench_hours.*')->get();

        return $rows->mapWithKeys(static fn (HoursRow $row): array => [$row->user_id => $row->hours()])->all();
    }
}
