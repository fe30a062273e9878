<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
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
 *
 * @phpstan-type Ids array<array-key, int>
 */
final readonly class StoreStandard
{
    public function __construct(
        private CurrentStudio $studio,
        private StoreRequirement $requirements,
    ) {
    }

    /**
     * @param  Document  $document read and found sound
     * @param  StandardVersion|null  $basedOn the version that it is a change of
     *
     * @throws VersionExists if the standard has a version of this label
     * @throws DraftExists if the studio has a draft already
     */
    public function handle(array $document, ?StandardVersion $basedOn = null): StandardVersion
    {
        return Transaction::run(function () use ($document, $basedOn): StandardVersion {
            $standard = Standard::query()->firstOrCreate(['name' => $document['name']]);
            $draft = StandardVersion::query()->where('state', 'draft')->lockForUpdate()->first();
            if ($draft !== null) {
                throw DraftExists::of($draft->label);
            }
            if (StandardVersion::query()->where('standard_id', $standard->id)->where('label', $document['version'])->exists()) {
                throw VersionExists::of($document['name'], $document['version']);
            }
            $version = StandardVersion::query()->create([
                'standard_id' => $standard->id,
                'label' => $document['version'],
                'state' => 'draft',
                'reference_size' => $document['reference']['size'] ?? null,
                'has_reference' => isset($document['reference']),
                'based_on_id' => $basedOn?->id,
                'optional' => self::optional($document),
            ]);
            $surfaces = $this->insertNamed('surfaces', $version->id, array_map(PieceRows::surface(...), $document['surfaces']));
            $techniques = $this->techniques($version->id, $document);
            $tiers = $this->insertNamed('tiers', $version->id, array_map(PieceRows::tier(...), $document['tiers']));
            $this->referenceAreas($version->id, $document, $surfaces);
            foreach ($document['requirements'] as $position => $requirement) {
                $this->requirements->handle($version->id, $requirement, $position, $tiers[$requirement['tier']], $surfaces[$requirement['surface']], $techniques);
            }

            return $version->refresh();
        });
    }

    /**
     * The optional members of the document itself.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function optional(array $document): ?string
    {
        $reference = is_array($document['reference'] ?? null) ? $document['reference'] : [];
        $named = isset($reference['name']) ? ['reference_name' => $reference['name']] : [];

        return PieceRows::optional($document + $named, ['schools', 'accepted', 'notes', 'reference_name']);
    }

    /**
     * @param  Document  $document
     * @return Ids
     */
    private function techniques(int $version, array $document): array
    {
        $ids = $this->insertNamed('techniques', $version, array_map(PieceRows::technique(...), $document['techniques']));
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
     * @param  Ids  $surfaces
     */
    public function referenceAreas(int $version, array $document, array $surfaces): void
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
     * @param  list<array<string, mixed>>  $rows each with a `key`, in order
     * @return Ids id by key
     */
    private function insertNamed(string $table, int $version, array $rows): array
    {
        $inserts = [];
        foreach ($rows as $position => $row) {
            $inserts[] = $this->row(['standard_version_id' => $version, ...$row, 'position' => $position]);
        }
        DB::table($table)->insert($inserts);

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
