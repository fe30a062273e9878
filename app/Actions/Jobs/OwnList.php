<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Standards\StandardLibrary;
use App\Actions\Transaction;
use App\Actions\Unsigned;
use App\Actions\Versioned;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobRequirement;
use App\Models\Unit;
use App\Refusals\NotRight;
use Core\Standard\Tier;
use Document\Standard\RequirementText;

/**
 * The list that a job has of its own for a tier by agreement: copied from another tier, then changed here.
 * Raises the version of the job, which it belongs to.
 *
 * @phpstan-import-type RequirementDocument from \Document\Member\RequirementMembers
 */
final readonly class OwnList
{
    public function __construct(
        private StandardLibrary $library,
        private JobFigures $figures,
        private BackToPainting $backToPainting,
        private JobStandards $standards,
    ) {
    }

    /**
     * Takes over what another tier asks, surface by surface, where the job says nothing of its own yet.
     *
     * @throws NotRight if one of the tiers is not there, or the first is not by agreement
     */
    public function copy(Job $job, string $tier, string $from, int $versionRead): Job
    {
        return $this->change($job, $versionRead, function (Job $job) use ($tier, $from): void {
            $this->byAgreement($job, $tier);
            $this->tier($job, $from, '/from');
            $own = JobRequirement::query()->where('job_id', $job->id)->where('tier', $tier)->pluck('surface')->all();
            foreach ($this->library->document($job->standardVersion()->firstOrFail())['requirements'] as $cell) {
                if ($cell['tier'] === $from && ! in_array($cell['surface'], $own, true)) {
                    JobRequirement::query()->create(['job_id' => $job->id, 'tier' => $tier, 'surface' => $cell['surface'], 'value' => array_diff_key($cell, ['tier' => 0, 'surface' => 0])]);
                }
            }
        });
    }

    /**
     * Writes what the tier asks of one surface in this job; without uses it is not asked for.
     *
     * @param  array<array-key, mixed>  $value uses, criteria and note as in a document
     *
     * @throws NotRight if the tier is not by agreement
     */
    public function write(Job $job, string $tier, string $surface, array $value, int $versionRead): Job
    {
        return $this->change($job, $versionRead, function (Job $job) use ($tier, $surface, $value): void {
            $this->byAgreement($job, $tier);
            $requirement = RequirementText::read($value, $tier, $surface, $this->library->of($job->standard_version_id));
            JobRequirement::query()->updateOrCreate(['job_id' => $job->id, 'tier' => $tier, 'surface' => $surface], ['value' => $requirement]);
        });
    }

    /** The job says nothing of its own about it any more; the standard does, or is silent. */
    public function remove(Job $job, string $tier, string $surface, int $versionRead): Job
    {
        return $this->change($job, $versionRead, static function (Job $job) use ($tier, $surface): void {
            JobRequirement::query()->where(['job_id' => $job->id, 'tier' => $tier, 'surface' => $surface])->delete();
        });
    }

    /** @param  callable(Job): void  $change */
    private function change(Job $job, int $versionRead, callable $change): Job
    {
        return Transaction::run(function () use ($job, $versionRead, $change): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $units = Unit::query()->where('job_id', $locked->id)->orderBy('id')->lockForUpdate()->pluck('id');
            Figure::query()->whereIn('unit_id', $units)->orderBy('id')->lockForUpdate()->pluck('id');
            $before = $this->signatures($locked);
            $change($locked);
            $this->standards->forgetJob($locked);
            $locked->save();
            $changed = array_keys(array_diff_assoc($this->signatures($locked), $before));
            $figures = Figure::query()->whereIn('id', $changed)->orderBy('id')->get();
            Unsigned::require($figures, static fn (): string => 'A figure at this tier is signed off by this list; give the others another tier, or let the list stand.');
            $this->backToPainting->handle($figures);

            return $locked;
        });
    }

    /** @return array<int, string> by figure */
    private function signatures(Job $job): array
    {
        return ComposedFigure::signatures($this->figures->ofJob($job));
    }

    private function byAgreement(Job $job, string $id): void
    {
        if (! $this->tier($job, $id, '/tier')->byAgreement) {
            throw NotRight::at('/tier', 'not-by-agreement', 'The standard says what this tier includes. Only for a tier by agreement does a job say it itself.');
        }
    }

    private function tier(Job $job, string $id, string $at): Tier
    {
        $standard = $this->library->of($job->standard_version_id);

        return $standard->hasTier($id) ? $standard->tier($id) : throw NotRight::at($at, 'unknown-tier', "The standard of this job has no tier \"{$id}\".");
    }
}
