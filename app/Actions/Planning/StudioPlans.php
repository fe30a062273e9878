<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\BenchUnits;
use App\Actions\Schemes\StudioRules;
use App\Models\CurrentStudio;
use App\Models\HoursRow;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Studio;
use Carbon\CarbonImmutable;
use Core\Plan\BenchHours;

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
        foreach ($this->sheets->ofUnits(BenchUnits::toPaintOf($jobs)) as $sheet) {
            array_push($sheets, ...PlannedSheet::allOf($byId[$sheet->first()->unit->job_id], $sheet));
        }
        $zone = Studio::query()->findOrFail($this->studio->id())->time_zone;

        return new StudioPlan($jobs, $sheets, self::hours(), CarbonImmutable::now($zone)->startOfMinute(), $this->rules->now()->paintChange);
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
