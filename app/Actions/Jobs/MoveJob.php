<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Standards\StandardLibrary;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobMove;
use App\Models\JobState;
use App\Models\StandardVersion;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\User;
use App\Models\Variation;
use App\Models\VersionState;
use App\Refusals\NotRight;
use Core\Plan\FigureState;

/** A running job under another version of the standard: what that would change, and the move itself. */
final readonly class MoveJob
{
    public function __construct(
        private JobFigures $figures,
        private StandardLibrary $library,
        private JobStandards $standards,
        private BackToPainting $backToPainting,
    ) {
    }

    /** @return list<JobForecast> for each running job that is not on the version */
    public function forecasts(StandardVersion $to): array
    {
        $jobs = Job::query()->where('state', JobState::Open)->where('standard_version_id', '<>', $to->id)->with('standardVersion')->orderBy('name')->get();

        return array_values($jobs->map(fn (Job $job): JobForecast => $this->forecast($job, $to))->all());
    }

    public function forecast(Job $job, StandardVersion $to): JobForecast
    {
        $before = $this->figures->ofJob($job);
        $missing = $this->missingTiers($job, $to);
        $under = $this->standards->under($job, $this->library->of($to->id));
        $after = $missing === [] ? $this->figures->ofJobUnder($job, $under) : $before;

        return new JobForecast($job, $before, $after, $this->standards->of($job), $under, $missing);
    }

    public function handle(Job $job, StandardVersion $to, int $versionRead, User $by): Job
    {
        return Transaction::run(function () use ($job, $to, $versionRead, $by): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            if ($to->state !== VersionState::InForce) {
                throw NotRight::at('/to', 'not-in-force', 'A job is moved to the version in force only.');
            }
            if ($locked->standard_version_id === $to->id) {
                throw NotRight::at('/to', 'same-version', 'The job is on this version already.');
            }
            $forecast = $this->forecast($locked, $to);
            if ($forecast->missingTiers !== []) {
                throw NotRight::at('/to', 'unknown-tier', 'This version has no tier '.implode(', ', $forecast->missingTiers).', which the job has figures at. Give them another tier first.');
            }
            $this->move($locked, $to);
            $this->backToPainting->handle(Figure::query()->whereIn('id', array_map(static fn (ComposedFigure $one): int => $one->id, $forecast->changed()))->get());
            JobMove::query()->create(['job_id' => $locked->id, 'from_version_id' => $locked->standard_version_id, 'to_version_id' => $to->id, 'user_id' => $by->id]);
            $locked->standard_version_id = $to->id;
            $locked->save();

            return $locked;
        });
    }

    /** Everything that names a tier names the one of the same id in the other version. */
    private function move(Job $job, StandardVersion $to): void
    {
        $tiers = Tier::query()->where('standard_version_id', $to->id)->pluck('id', 'key');
        $old = Tier::query()->where('standard_version_id', $job->standard_version_id)->pluck('id', 'key');
        $units = Unit::query()->where('job_id', $job->id)->pluck('id');
        foreach ($old as $key => $id) {
            if (! $tiers->has($key)) {
                continue;
            }
            Unit::query()->whereIn('id', $units)->where('tier_id', $id)->update(['tier_id' => $tiers[$key]]);
            // Of what is signed the record says at which tier, under which version.
            Figure::query()->whereIn('unit_id', $units)->where('state', '<>', FigureState::Signed)->where('tier_id', $id)->update(['tier_id' => $tiers[$key]]);
            AreaTier::query()->whereIn('unit_id', $units)->where('tier_id', $id)->update(['tier_id' => $tiers[$key]]);
            Variation::query()->whereIn('unit_id', $units)->where('tier_id', $id)->update(['tier_id' => $tiers[$key]]);
        }
        Unit::query()->whereIn('id', $units)->increment('version');
    }

    /** @return list<string> names of tiers that the job has figures, areas or additions of and the version has not */
    private function missingTiers(Job $job, StandardVersion $to): array
    {
        $units = Unit::query()->where('job_id', $job->id)->select('id');
        $used = Tier::query()->with('piece')->where('standard_version_id', $job->standard_version_id)->where(static fn ($tiers) => $tiers
            ->whereIn('id', Unit::query()->where('job_id', $job->id)->select('tier_id'))
            ->orWhereIn('id', Figure::query()->whereIn('unit_id', $units)->select('tier_id'))
            ->orWhereIn('id', AreaTier::query()->whereIn('unit_id', $units)->select('tier_id'))
            ->orWhereIn('id', Variation::query()->whereIn('unit_id', $units)->whereNotNull('tier_id')->select('tier_id')))->get();
        $known = $this->library->of($to->id);

        return array_values($used->filter(static fn (Tier $tier): bool => ! $known->hasTier($tier->key))->map(static fn (Tier $tier): string => $tier->name)->all());
    }
}
