<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Jobs\VariedPlace;
use App\Actions\Jobs\VaryArea;
use App\Actions\Transaction;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;

/** Gives areas of units and figures the tiers that more minutes were spent on: all of them, or none. */
final readonly class TakeEffort
{
    public function __construct(private VaryArea $vary)
    {
    }

    /** @param  non-empty-list<array{unit: int, version: int, figures: non-empty-list<int>|null, area: string, tier: string}>  $areas figures: null for the unit */
    public function handle(Job $job, array $areas): Job
    {
        return Transaction::run(function () use ($job, $areas): Job {
            usort($areas, static fn (array $one, array $other): int => $one['unit'] <=> $other['unit']);
            $versions = [];
            foreach ($areas as $one) {
                $unit = Unit::query()->with('job')->where('job_id', $job->id)->findOrFail($one['unit']);
                /** @var non-empty-list<Figure>|null $figures */
                $figures = $one['figures'] === null ? null : array_values(Figure::query()->where('unit_id', $unit->id)->orderBy('id')->findOrFail($one['figures'])->all());
                $versions[$unit->id] = $this->vary->tier(new VariedPlace($unit, $figures, $one['area'], $versions[$unit->id] ?? $one['version']), $one['tier'])->version;
            }

            return $job->refresh();
        });
    }
}
