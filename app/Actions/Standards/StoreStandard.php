<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\CurrentStudio;
use App\Models\Standard;
use App\Models\StandardVersion;
use Core\Standard\StandardReader;
use Illuminate\Support\Facades\DB;

/**
 * Stores a document of the format `ordotype-standard/1` as a draft, member for member: what was left
 * out stays left out.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 * @phpstan-import-type RequirementDocument from StandardReader
 * @phpstan-import-type UseDocument from \Core\Standard\UseReader
 * @phpstan-import-type CriterionDocument from \Core\Standard\UseReader
 *
 * @phpstan-type Ids array<array-key, int>
 */
final readonly class StoreStandard
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    /**
     * @param  Document  $document read and found sound
     *
     * @throws VersionExists if the standard has a version of this label
     */
    public function handle(array $document): StandardVersion
    {
        return DB::transaction(function () use ($document): StandardVersion {
            $standard = Standard::query()->firstOrCreate(['name' => $document['name']]);
            if (StandardVersion::query()->where('standard_id', $standard->id)->where('label', $document['version'])->exists()) {
                throw VersionExists::of($document['name'], $document['version']);
            }
            $version = StandardVersion::query()->create([
                'standard_id' => $standard->id,
                'label' => $document['version'],
                'state' => 'draft',
                'reference_size' => $document['reference']['size'] ?? null,
            ]);
            $surfaces = $this->surfaces($version->id, $document);
            $techniques = $this->techniques($version->id, $document);
            $tiers = $this->tiers($version->id, $document);
            $this->referenceAreas($version->id, $document, $surfaces);
            foreach ($document['requirements'] as $position => $requirement) {
                $this->requirement($version->id, $requirement, $position, $tiers[$requirement['tier']], $surfaces[$requirement['surface']], $techniques);
            }

            return $version;
        });
    }

    /**
     * @param  Document  $document
     * @return Ids
     */
    private function surfaces(int $version, array $document): array
    {
        $rows = [];
        foreach ($document['surfaces'] as $position => $surface) {
            $rows[] = ['key' => $surface['id'], 'name' => $surface['name'], 'needs_lay_in' => $surface['needs_lay_in'] ?? null, 'position' => $position];
        }

        return $this->insertNamed('surfaces', $version, $rows);
    }

    /**
     * @param  Document  $document
     * @return Ids
     */
    private function techniques(int $version, array $document): array
    {
        $rows = [];
        foreach ($document['techniques'] as $position => $technique) {
            $rows[] = [
                'key' => $technique['id'], 'name' => $technique['name'], 'group' => $technique['group'], 'opacity' => $technique['opacity'],
                'lies_on' => $technique['lies_on'] ?? null, 'dry' => $technique['dry'] ?? null, 'messy' => $technique['messy'] ?? null,
                'names_replaced' => isset($technique['replaces']), 'position' => $position,
            ];
        }
        $ids = $this->insertNamed('techniques', $version, $rows);
        $replacements = [];
        foreach ($document['techniques'] as $technique) {
            foreach ($technique['replaces'] ?? [] as $position => $replaced) {
                $replacements[] = $this->row(['technique_id' => $ids[$technique['id']], 'replaces_id' => $ids[$replaced], 'position' => $position]);
            }
        }
        DB::table('technique_replacements')->insert($replacements);

        return $ids;
    }

    /**
     * @param  Document  $document
     * @return Ids
     */
    private function tiers(int $version, array $document): array
    {
        $rows = [];
        foreach ($document['tiers'] as $position => $tier) {
            $rows[] = [
                'key' => $tier['id'], 'name' => $tier['name'], 'rank' => $tier['rank'], 'distance_mm' => $tier['distance_mm'],
                'sides' => json_encode($tier['sides'], JSON_THROW_ON_ERROR), 'look_minutes' => $tier['look_minutes'],
                'limit_critical' => $tier['limits']['critical'], 'limit_major' => $tier['limits']['major'], 'limit_minor' => $tier['limits']['minor'],
                'colour_tolerance' => $tier['colour_tolerance'], 'notice_arcmin' => $tier['notice_arcmin'] ?? null, 'budget_minutes' => $tier['budget_minutes'],
                'by_agreement' => $tier['by_agreement'], 'retired' => $tier['retired'], 'position' => $position,
            ];
        }

        return $this->insertNamed('tiers', $version, $rows);
    }

    /**
     * @param  Document  $document
     * @param  Ids  $surfaces
     */
    private function referenceAreas(int $version, array $document, array $surfaces): void
    {
        $rows = [];
        foreach ($document['reference']['areas'] ?? [] as $position => $area) {
            $rows[] = $this->row([
                'standard_version_id' => $version, 'surface_id' => $surfaces[$area['surface']], 'key' => $area['id'], 'share' => $area['share'],
                'features' => isset($area['features']) ? json_encode((object) array_map(intval(...), $area['features']), JSON_THROW_ON_ERROR) : null,
                'position' => $position,
            ]);
        }
        DB::table('reference_areas')->insert($rows);
    }

    /**
     * @param  RequirementDocument  $requirement
     * @param  Ids  $techniques
     */
    private function requirement(int $version, array $requirement, int $position, int $tier, int $surface, array $techniques): void
    {
        $id = DB::table('requirements')->insertGetId($this->row([
            'standard_version_id' => $version, 'tier_id' => $tier, 'surface_id' => $surface,
            'names_criteria' => isset($requirement['criteria']), 'position' => $position,
        ]));
        $uses = $this->uses($id, $requirement['uses'], $techniques);
        $this->criteria($id, $requirement['criteria'] ?? [], $uses);
    }

    /**
     * @param  list<UseDocument>  $uses
     * @param  Ids  $techniques
     * @return Ids
     */
    private function uses(int $requirement, array $uses, array $techniques): array
    {
        $ids = [];
        $links = [];
        foreach ($uses as $position => $use) {
            $named = $use['any_of'] ?? [$use['technique'] ?? ''];
            $key = $use['id'] ?? $named[0];
            $ids[$key] = DB::table('requirement_uses')->insertGetId($this->row([
                'requirement_id' => $requirement, 'key' => $key, 'names_key' => isset($use['id']), 'position' => $position,
                'coats' => $use['coats'] ?? null, 'steps' => $use['steps'] ?? null, 'extent' => $use['extent'] ?? null, 'cover' => $use['cover'] ?? null,
                'places' => isset($use['places']) ? json_encode($use['places'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) : null,
                'minutes' => $use['minutes'] ?? null, 'fixed' => $use['fixed'] ?? null, 'each' => $use['each'] ?? null, 'feature' => $use['feature'] ?? null,
            ]));
            foreach ($named as $place => $technique) {
                $links[] = $this->row(['requirement_use_id' => $ids[$key], 'technique_id' => $techniques[$technique], 'position' => $place]);
            }
        }
        DB::table('requirement_use_techniques')->insert($links);

        return $ids;
    }

    /**
     * @param  list<CriterionDocument>  $criteria
     * @param  Ids  $uses
     */
    private function criteria(int $requirement, array $criteria, array $uses): void
    {
        $links = [];
        foreach ($criteria as $position => $criterion) {
            $id = DB::table('criteria')->insertGetId($this->row([
                'requirement_id' => $requirement, 'key' => $criterion['id'], 'text' => $criterion['text'], 'severity' => $criterion['severity'],
                'feature' => $criterion['feature'] ?? null, 'names_uses' => isset($criterion['uses']), 'position' => $position,
            ]));
            foreach ($criterion['uses'] ?? [] as $place => $use) {
                $links[] = $this->row(['criterion_id' => $id, 'requirement_use_id' => $uses[$use], 'position' => $place]);
            }
        }
        DB::table('criterion_uses')->insert($links);
    }

    /**
     * @param  list<array<string, mixed>>  $rows each with a `key`
     * @return Ids id by key
     */
    private function insertNamed(string $table, int $version, array $rows): array
    {
        DB::table($table)->insert(array_map(fn (array $row): array => $this->row(['standard_version_id' => $version, ...$row]), $rows));

        /** @var Ids */
        return DB::table($table)->where('standard_version_id', $version)->pluck('id', 'key')->all();
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function row(array $row): array
    {
        return ['studio_id' => $this->studio->id(), ...$row];
    }
}
