<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Jobs\AssignUnit;
use App\Actions\Transaction;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotRight;

/** Gives units and figures of a job the tiers that a budget was spent on: all of them, or none. */
final readonly class TakeMix
{
    public function __construct(private AssignUnit $assign)
    {
    }

    /**
     * @param  list<array{id: int, version: int, tier: string}>  $units
     * @param  list<array{id: int, version: int, tier: string}>  $figures that have a tier of their own
     */
    public function handle(Job $job, array $units, array $figures): Job
    {
        return Transaction::run(function () use ($job, $units, $figures): Job {
            usort($units, static fn (array $one, array $other): int => $one['id'] <=> $other['id']);
            foreach ($units as $unit) {
                $this->assign->unit(Unit::query()->with('job')->where('job_id', $job->id)->findOrFail($unit['id']), $unit['version'], ['tier' => $unit['tier']]);
            }
            $byTier = [];
            foreach ($figures as $figure) {
                $byTier[$figure['tier']][$figure['id']] = $figure['version'];
            }
            foreach ($byTier as $tier => $versions) {
                if ($this->assign->figures($versions, ['tier' => (string) $tier])->id !== $job->id) {
                    throw NotRight::at('/figures', 'several-jobs', 'These figures are of another job.');
                }
            }

            return $job->refresh();
        });
    }
}
