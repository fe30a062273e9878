<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Actions\ReadOnce;
use App\Actions\Standards\StandardLibrary;
use App\Models\Job;
use App\Models\JobRequirement;
use Core\School\Schools;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Document\Standard\UseReader;

/**
 * The standard of a job: the version it was booked under, what it says itself of tiers by agreement, and its own schools.
 * Read once a request; jobs that say nothing of their own, or the same, have one and the same, so that what follows from it
 * is found once.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 * @phpstan-import-type CriterionDocument from \Document\Member\CriterionMembers
 */
final class JobStandards implements ReadOnce
{
    /** @var array<int, list<JobRequirement>> by job, what it says itself */
    private array $own = [];

    /** @var array<string, array{Standard, Standard}> by what a job says itself and the version that it is said under, which is kept so that its number is not given anew */
    private array $read = [];

    public function __construct(private readonly StandardLibrary $library)
    {
    }

    /**
     * Reads at once what several jobs say themselves.
     *
     * @param  list<Job>  $jobs
     */
    public function prepare(array $jobs): void
    {
        $new = array_diff(array_map(static fn (Job $job): int => $job->id, $jobs), array_keys($this->own));
        if ($new === []) {
            return;
        }
        $own = array_fill_keys($new, []);
        foreach (JobRequirement::query()->whereIn('job_id', $new)->orderBy('id')->get() as $row) {
            $own[$row->job_id][] = $row;
        }
        $this->own += $own;
    }

    /** What the job says itself was changed: it is read anew. */
    public function forgetJob(Job $job): void
    {
        unset($this->own[$job->id]);
    }

    public function forget(): void
    {
        $this->own = $this->read = [];
    }

    public function of(Job $job): Standard
    {
        return $this->under($job, $this->library->of($job->standard_version_id));
    }

    /** As it would be under another version: of a tier that is by agreement there too, the job's own list holds. */
    public function under(Job $job, Standard $standard): Standard
    {
        $this->prepare([$job]);
        $said = array_map(static fn (JobRequirement $row): array => [$row->tier, $row->surface, $row->value], $this->own[$job->id]);
        $like = spl_object_id($standard).' '.serialize([$said, $job->schools]);
        $this->read[$like] ??= [self::saying($this->own[$job->id], $job->schools, $standard), $standard];

        return $this->read[$like][0];
    }

    /** @param  list<JobRequirement>  $rows */
    private static function saying(array $rows, Schools $schools, Standard $standard): Standard
    {
        $reader = new UseReader($standard, bearsUnknownTechniques: true);
        $own = [];
        foreach ($rows as $row) {
            if ($standard->hasTier($row->tier) && $standard->tier($row->tier)->byAgreement && $standard->hasSurface($row->surface)) {
                $own[] = self::requirement($row, $standard, $reader);
            }
        }
        $listed = $own === [] ? $standard : $standard->withRequirements($own);

        return $schools->choices === [] ? $listed : $listed->withSchools($schools);
    }

    private static function requirement(JobRequirement $row, Standard $standard, UseReader $reader): Requirement
    {
        /** @var array{uses: list<UseDocument>, criteria?: list<CriterionDocument>, note?: string} $value its shape was checked when it was written */
        $value = $row->value;
        $uses = $reader->uses($value['uses'], '');
        // A version that a job was moved to may not have every technique; what names one that is gone rests.
        $known = array_values(array_filter($uses, static fn (TechniqueUse $use): bool => array_filter($use->techniques, $standard->hasTechnique(...)) === $use->techniques));

        return new Requirement($row->tier, $row->surface, $known, $reader->criteria($value['criteria'] ?? [], $uses, ''), [], $value['note'] ?? '');
    }
}
