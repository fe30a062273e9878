<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Models\Job;
use App\Models\JobRequirement;
use Core\Standard\Criterion;
use Core\Standard\Requirement;
use Core\Standard\Severity;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;

/**
 * What a job says itself of a tier by agreement, surface by surface.
 *
 * @phpstan-type OwnUse array{
 *   id: string,
 *   technique: string,
 *   name: string,
 *   degree: string,
 *   coats: int,
 *   steps: int,
 *   minutes: float,
 * }
 * @phpstan-type OwnCriterion array{id: string, text: string, severity: value-of<Severity>}
 * @phpstan-type OwnSurface array{
 *   surface: string,
 *   name: string,
 *   said: 'job'|'standard'|'nothing',
 *   uses: list<OwnUse>,
 *   criteria: list<OwnCriterion>,
 *   document: mixed,
 * }
 * @phpstan-type OwnList array{
 *   job: array{id: int, name: string, version: int},
 *   tier: string,
 *   tier_name: string,
 *   by_agreement: bool,
 *   surfaces: list<OwnSurface>,
 *   tiers: list<array{key: string, name: string}>,
 *   techniques: list<array{key: string, name: string}>,
 * }
 */
final readonly class OwnListResource extends Resource
{
    public function __construct(
        private Job $job,
        private string $tier,
        private Standard $standard,
    ) {
    }

    /** @return OwnList */
    public function toArray(): array
    {
        $tier = $this->standard->tier($this->tier);
        $own = JobRequirement::query()->where('job_id', $this->job->id)->where('tier', $this->tier)->get()->keyBy('surface');

        return [
            'job' => ['id' => $this->job->id, 'name' => $this->job->name, 'version' => $this->job->version],
            'tier' => $tier->id,
            'tier_name' => $tier->name,
            'by_agreement' => $tier->byAgreement,
            'surfaces' => array_map(fn (Surface $surface): array => $this->surface($surface, $own->get($surface->id)), $this->standard->surfaces),
            'tiers' => array_values(array_map(
                static fn (Tier $one): array => ['key' => $one->id, 'name' => $one->name],
                array_filter($this->standard->tiersByRank(), fn (Tier $one): bool => $one->id !== $this->tier && ! $one->byAgreement),
            )),
            'techniques' => array_map(static fn (Technique $one): array => ['key' => $one->id, 'name' => $one->name], $this->standard->techniques),
        ];
    }

    /** @return OwnSurface */
    private function surface(Surface $surface, ?JobRequirement $own): array
    {
        $requirement = $this->standard->requirement($this->tier, $surface->id);

        return [
            'surface' => $surface->id,
            'name' => $surface->name,
            'said' => match (true) {
                $own !== null => 'job',
                $requirement !== null => 'standard',
                default => 'nothing',
            },
            'uses' => array_map($this->use(...), $requirement->uses ?? []),
            'criteria' => self::criteria($requirement),
            'document' => $own?->value,
        ];
    }

    /** @return OwnUse */
    private function use(TechniqueUse $use): array
    {
        return [
            'id' => $use->id, 'technique' => $use->techniques[0], 'name' => $this->standard->technique($use->techniques[0])->name, 'degree' => UseWords::degree($use),
            'coats' => $use->coats, 'steps' => $use->steps, 'minutes' => $use->allowance->minutes,
        ];
    }

    /** @return list<OwnCriterion> */
    private static function criteria(?Requirement $requirement): array
    {
        return array_map(static fn (Criterion $one): array => ['id' => $one->id, 'text' => $one->text, 'severity' => $one->severity->value], $requirement->criteria ?? []);
    }
}
