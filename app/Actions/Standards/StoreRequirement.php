<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\CurrentStudio;
use Core\Standard\StandardReader;
use Illuminate\Support\Facades\DB;

/**
 * Stores what a tier asks of a surface: uses in their order, criteria bound to them.
 *
 * @phpstan-import-type RequirementDocument from StandardReader
 * @phpstan-import-type UseDocument from \Core\Standard\UseReader
 * @phpstan-import-type CriterionDocument from \Core\Standard\UseReader
 *
 * @phpstan-type Ids array<array-key, int>
 */
final readonly class StoreRequirement
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    /**
     * @param  RequirementDocument  $requirement read and found sound
     * @param  Ids  $techniques row by id
     */
    public function handle(int $version, array $requirement, int $position, int $tier, int $surface, array $techniques, int $revision = 0): void
    {
        $id = DB::table('requirements')->insertGetId($this->row([
            'standard_version_id' => $version, 'tier_id' => $tier, 'surface_id' => $surface,
            'names_criteria' => isset($requirement['criteria']), 'position' => $position, 'revision' => $revision,
            'optional' => PieceRows::optional($requirement, ['menu', 'note']),
        ]));
        $uses = $this->uses($id, $requirement['uses'], $techniques);
        $this->criteria($id, $requirement['criteria'] ?? [], $uses);
    }

    /** Takes away whatever stands in the cell. */
    public function remove(int $tier, int $surface): void
    {
        $requirements = DB::table('requirements')->where('tier_id', $tier)->where('surface_id', $surface)->pluck('id');
        $criteria = DB::table('criteria')->whereIn('requirement_id', $requirements)->pluck('id');
        $uses = DB::table('requirement_uses')->whereIn('requirement_id', $requirements)->pluck('id');
        DB::table('criterion_uses')->whereIn('criterion_id', $criteria)->delete();
        DB::table('criteria')->whereIn('id', $criteria)->delete();
        DB::table('requirement_use_techniques')->whereIn('requirement_use_id', $uses)->delete();
        DB::table('requirement_uses')->whereIn('id', $uses)->delete();
        DB::table('requirements')->whereIn('id', $requirements)->delete();
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
                'optional' => PieceRows::optional($criterion, ['size_mm', 'presumes']),
            ]));
            foreach ($criterion['uses'] ?? [] as $place => $use) {
                $links[] = $this->row(['criterion_id' => $id, 'requirement_use_id' => $uses[$use], 'position' => $place]);
            }
        }
        DB::table('criterion_uses')->insert($links);
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
