<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\Criterion;
use App\Models\Requirement;
use App\Models\RequirementUse;
use App\Models\StandardVersion;
use App\Models\Technique;
use App\Models\Tier;
use Cli\Document\StandardSchema;
use Core\Standard\StandardReader;

/**
 * The document of a stored version, equal as JSON values to what was imported.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 * @phpstan-import-type TechniqueDocument from \Core\Standard\TechniqueReader
 * @phpstan-import-type TierDocument from StandardReader
 * @phpstan-import-type RequirementDocument from StandardReader
 * @phpstan-import-type UseDocument from \Core\Standard\UseReader
 * @phpstan-import-type CriterionDocument from \Core\Standard\UseReader
 */
final readonly class StandardDocument
{
    /** @return Document in a constant number of queries */
    public static function of(StandardVersion $version): array
    {
        $version->loadMissing([
            'standard', 'surfaces', 'techniques.replaced', 'tiers', 'referenceAreas.surface',
            'requirements.tier', 'requirements.surface', 'requirements.uses.techniques', 'requirements.criteria.uses',
        ]);
        $document = [
            'format' => StandardSchema::FORMAT,
            'name' => $version->standard->name,
            'version' => $version->label,
            'surfaces' => $version->surfaces->map(static fn ($surface): array => self::given(
                ['id' => $surface->key, 'name' => $surface->name],
                ['needs_lay_in' => $surface->needs_lay_in] + ($surface->optional ?? []),
            ))->values()->all(),
            'techniques' => $version->techniques->map(self::technique(...))->values()->all(),
            'tiers' => $version->tiers->map(self::tier(...))->values()->all(),
            'requirements' => $version->requirements->map(self::requirement(...))->values()->all(),
        ];
        if ($version->has_reference) {
            $document['reference'] = self::given(
                ['areas' => self::referenceAreas($version)],
                ['size' => $version->reference_size, 'name' => $version->optional['reference_name'] ?? null],
            );
        }
        $document += array_diff_key($version->optional ?? [], ['reference_name' => true]);

        /** @var Document */
        return $document;
    }

    /** @return array<string, mixed> */
    private static function technique(Technique $technique): array
    {
        return self::given(
            ['id' => $technique->key, 'name' => $technique->name, 'group' => $technique->group, 'opacity' => $technique->opacity],
            [
                'lies_on' => $technique->lies_on,
                'dry' => $technique->dry,
                'messy' => $technique->messy,
                'replaces' => $technique->names_replaced ? $technique->replaced->pluck('key')->all() : null,
            ] + ($technique->optional ?? []),
        );
    }

    /** @return array<string, mixed> */
    private static function tier(Tier $tier): array
    {
        return self::given([
            'id' => $tier->key, 'name' => $tier->name, 'rank' => $tier->rank, 'distance_mm' => $tier->distance_mm, 'sides' => $tier->sides,
            'look_minutes' => $tier->look_minutes,
            'limits' => ['critical' => $tier->limit_critical, 'major' => $tier->limit_major, 'minor' => $tier->limit_minor],
            'colour_tolerance' => $tier->colour_tolerance, 'budget_minutes' => $tier->budget_minutes,
            'by_agreement' => $tier->by_agreement, 'retired' => $tier->retired,
        ], ['notice_arcmin' => $tier->notice_arcmin] + ($tier->optional ?? []));
    }

    /** @return array<string, mixed> */
    private static function requirement(Requirement $requirement): array
    {
        return self::given([
            'tier' => $requirement->tier->key,
            'surface' => $requirement->surface->key,
            'uses' => $requirement->uses->map(self::use(...))->values()->all(),
        ], ['criteria' => $requirement->names_criteria ? $requirement->criteria->map(self::criterion(...))->values()->all() : null] + ($requirement->optional ?? []));
    }

    /** @return array<string, mixed> */
    private static function use(RequirementUse $use): array
    {
        $techniques = $use->techniques->pluck('key')->all();

        return self::given(count($techniques) > 1 ? ['any_of' => $techniques] : ['technique' => $techniques[0] ?? ''], [
            'id' => $use->names_key ? $use->key : null,
            'coats' => $use->coats, 'steps' => $use->steps, 'extent' => $use->extent, 'cover' => $use->cover, 'places' => $use->places,
            'minutes' => $use->minutes, 'fixed' => $use->fixed, 'each' => $use->each, 'feature' => $use->feature,
        ]);
    }

    /** @return array<string, mixed> */
    private static function criterion(Criterion $criterion): array
    {
        return self::given(['id' => $criterion->key, 'text' => $criterion->text, 'severity' => $criterion->severity], [
            'uses' => $criterion->names_uses ? $criterion->uses->pluck('key')->all() : null,
            'feature' => $criterion->feature,
        ] + ($criterion->optional ?? []));
    }

    /** @return list<array<string, mixed>> */
    private static function referenceAreas(StandardVersion $version): array
    {
        return array_values($version->referenceAreas->map(static fn ($area): array => self::given(
            ['id' => $area->key, 'surface' => $area->surface->key, 'share' => $area->share],
            ['features' => $area->features],
        ))->all());
    }

    /**
     * @param  array<string, mixed>  $members
     * @param  array<string, mixed>  $optional null: left out
     * @return array<string, mixed>
     */
    private static function given(array $members, array $optional): array
    {
        return $members + array_filter($optional, static fn (mixed $value): bool => $value !== null);
    }
}
