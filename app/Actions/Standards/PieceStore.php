<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\CurrentStudio;
use App\Models\Standard;
use App\Models\StandardVersion;
use Core\Standard\Piece;
use Core\Standard\PieceKind;
use Core\Standard\StandardReader;
use Core\Standard\TechniqueReader;
use Illuminate\Support\Facades\DB;

/**
 * Writes one piece of a draft to its rows, and reads the revision that it was last written in.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 * @phpstan-import-type SurfaceDocument from StandardReader
 * @phpstan-import-type TechniqueDocument from TechniqueReader
 * @phpstan-import-type TierDocument from StandardReader
 * @phpstan-import-type RequirementDocument from StandardReader
 */
final readonly class PieceStore
{
    public function __construct(
        private CurrentStudio $studio,
        private StoreRequirement $requirements,
        private StoreStandard $standards,
    ) {
    }

    /** 0 for a piece that is not there. */
    public function revision(StandardVersion $draft, Piece $piece): int
    {
        $revision = match ($piece->kind) {
            PieceKind::Head => $draft->head_revision,
            PieceKind::Order => $draft->order_revision,
            PieceKind::Cell => DB::table('requirements')
                ->where('tier_id', $this->id($draft, 'tiers', $piece->id))->where('surface_id', $this->id($draft, 'surfaces', $piece->surface))->value('revision'),
            default => DB::table((string) $piece->list())->where('standard_version_id', $draft->id)->where('key', $piece->id)->value('revision'),
        };

        // Rows of a new draft are of revision 0 and are there: 1 more than those of a piece that is not.
        return is_numeric($revision) ? (int) $revision + 1 : 0;
    }

    /** @param  array<array-key, mixed>|null  $value sound within the draft */
    public function write(StandardVersion $draft, Piece $piece, ?array $value): void
    {
        match ($piece->kind) {
            PieceKind::Head => $this->head($draft, $value ?? []),
            PieceKind::Order => $this->order($draft, $piece->id, $value ?? []),
            PieceKind::Cell => $this->cell($draft, $piece, $value),
            default => $this->named($draft, $piece, $value),
        };
    }

    /** @param  array<array-key, mixed>  $value */
    private function head(StandardVersion $draft, array $value): void
    {
        /** @var Document $value */
        $draft->fill([
            'standard_id' => Standard::query()->firstOrCreate(['name' => $value['name']])->id,
            'label' => $value['version'],
            'reference_size' => $value['reference']['size'] ?? null,
            'has_reference' => isset($value['reference']),
            'optional' => StoreStandard::optional($value),
            'head_revision' => $draft->revision,
        ])->save();
        DB::table('reference_areas')->where('standard_version_id', $draft->id)->delete();
        /** @var array<array-key, int> $surfaces */
        $surfaces = DB::table('surfaces')->where('standard_version_id', $draft->id)->pluck('id', 'key')->all();
        $this->standards->referenceAreas($draft->id, $value, $surfaces);
    }

    /** @param  array<array-key, mixed>  $ids */
    private function order(StandardVersion $draft, string $list, array $ids): void
    {
        foreach (array_values($ids) as $position => $id) {
            DB::table($list)->where('standard_version_id', $draft->id)->where('key', $id)->update(['position' => $position]);
        }
        $draft->update(['order_revision' => $draft->revision]);
    }

    /** @param  array<array-key, mixed>|null  $value */
    private function cell(StandardVersion $draft, Piece $piece, ?array $value): void
    {
        $tier = (int) $this->id($draft, 'tiers', $piece->id);
        $surface = (int) $this->id($draft, 'surfaces', $piece->surface);
        $position = DB::table('requirements')->where('tier_id', $tier)->where('surface_id', $surface)->value('position')
            ?? $this->nextPosition($draft, 'requirements');
        $this->requirements->remove($tier, $surface);
        if ($value !== null) {
            /** @var RequirementDocument $value */
            /** @var array<array-key, int> $techniques */
            $techniques = DB::table('techniques')->where('standard_version_id', $draft->id)->pluck('id', 'key')->all();
            $this->requirements->handle($draft->id, $value, is_numeric($position) ? (int) $position : 0, $tier, $surface, $techniques, $draft->revision);
        }
    }

    /** @param  array<array-key, mixed>|null  $value */
    private function named(StandardVersion $draft, Piece $piece, ?array $value): void
    {
        $table = (string) $piece->list();
        $row = DB::table($table)->where('standard_version_id', $draft->id)->where('key', $piece->id);
        $id = $row->value('id');
        if ($piece->kind === PieceKind::Technique && is_numeric($id)) {
            DB::table('technique_replacements')->where('technique_id', $id)->delete();
        }
        if ($value === null) {
            $row->delete();

            return;
        }
        $columns = self::columns($piece, $value) + ['revision' => $draft->revision];
        if (is_numeric($id)) {
            $row->update($columns);
        } else {
            $id = DB::table($table)->insertGetId($columns + [
                'studio_id' => $this->studio->id(), 'standard_version_id' => $draft->id, 'position' => $this->nextPosition($draft, $table),
            ]);
        }
        if ($piece->kind === PieceKind::Technique) {
            $this->replacements($draft, (int) $id, $value);
        }
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return array<string, mixed>
     */
    private static function columns(Piece $piece, array $value): array
    {
        if ($piece->kind === PieceKind::Surface) {
            /** @var SurfaceDocument $value */
            return PieceRows::surface($value);
        }
        if ($piece->kind === PieceKind::Technique) {
            /** @var TechniqueDocument $value */
            return PieceRows::technique($value);
        }

        /** @var TierDocument $value */
        return PieceRows::tier($value);
    }

    /** @param  array<array-key, mixed>  $technique */
    private function replacements(StandardVersion $draft, int $id, array $technique): void
    {
        $replaced = is_array($technique['replaces'] ?? null) ? array_values($technique['replaces']) : [];
        foreach ($replaced as $position => $key) {
            DB::table('technique_replacements')->insert([
                'studio_id' => $this->studio->id(), 'technique_id' => $id, 'position' => $position,
                'replaces_id' => $this->id($draft, 'techniques', is_string($key) ? $key : ''),
            ]);
        }
    }

    private function id(StandardVersion $draft, string $table, string $key): ?int
    {
        $id = DB::table($table)->where('standard_version_id', $draft->id)->where('key', $key)->value('id');

        return is_numeric($id) ? (int) $id : null;
    }

    private function nextPosition(StandardVersion $draft, string $table): int
    {
        $last = DB::table($table)->where('standard_version_id', $draft->id)->max('position');

        return is_numeric($last) ? (int) $last + 1 : 0;
    }
}
