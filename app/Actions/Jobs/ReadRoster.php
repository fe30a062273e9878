<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Import\GivenRoster;
use App\Import\Roster;
use App\Import\RosterReader;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\RosterColumn;
use App\Models\Tier;
use App\Models\Unit;

/** Reads a roster against a job, without taking anything. */
final readonly class ReadRoster
{
    public function handle(Job $job, GivenRoster $given): Roster
    {
        /** @var array<array-key, string> $known */
        $known = RosterColumn::query()->pluck('column', 'heading')->all();
        $tiers = Tier::query()->with('piece')->where('standard_version_id', $job->standard_version_id)->get()->sortBy('rank')
            ->map(static fn (Tier $tier): array => ['key' => $tier->key, 'name' => $tier->name, 'retired' => $tier->retired]);
        $types = FigureType::query()->where(static fn ($query) => $query->whereNull('job_id')->orWhere('job_id', $job->id))->where('retired', false)->orderBy('name')->get()
            ->unique('key')->map(static fn (FigureType $type): array => ['key' => $type->key, 'name' => $type->name]);
        $units = Unit::query()->where('job_id', $job->id)->get(['id', 'name']);
        $figures = Figure::query()->whereIn('unit_id', $units->pluck('id'))->count();

        return (new RosterReader(
            array_values($tiers->all()),
            array_values($types->all()),
            array_values($units->map(static fn (Unit $unit): string => $unit->name)->all()),
            $figures,
        ))->read(new GivenRoster($given->bytes, $given->encoding, $given->columns + $known, $given->words));
    }
}
