<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Actions\Standards\StandardLibrary;
use App\Models\Job;
use App\Models\JobRequirement;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Document\Standard\UseReader;

/**
 * The standard of a job: the version it was booked under, what it says itself of tiers by agreement, and its own schools.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 * @phpstan-import-type CriterionDocument from \Document\Member\CriterionMembers
 */
final readonly class JobStandards
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function of(Job $job): Standard
    {
        return $this->under($job, $this->library->of($job->standard_version_id));
    }

    /** As it would be under another version: of a tier that is by agreement there too, the job's own list holds. */
    public function under(Job $job, Standard $standard): Standard
    {
        $reader = new UseReader($standard, bearsUnknownTechniques: true);
        $own = [];
        foreach (JobRequirement::query()->where('job_id', $job->id)->orderBy('id')->get() as $row) {
            if ($standard->hasTier($row->tier) && $standard->tier($row->tier)->byAgreement && $standard->hasSurface($row->surface)) {
                $own[] = self::requirement($row, $standard, $reader);
            }
        }

        $listed = $own === [] ? $standard : $standard->withRequirements($own);

        return $job->schools->choices === [] ? $listed : $listed->withSchools($job->schools);
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
