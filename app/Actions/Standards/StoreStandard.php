<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
use App\Models\Standard;
use App\Models\StandardVersion;
use App\Models\VersionState;
use Document\Standard\StandardReader;

/**
 * Stores a document of the format `ordotype-standard/1` as a draft, member for member: what was left
 * out stays left out.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final readonly class StoreStandard
{
    public function __construct(private PieceStore $pieces)
    {
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
            $draft = StandardVersion::query()->where('state', VersionState::Draft)->lockForUpdate()->first();
            if ($draft !== null) {
                throw DraftExists::of($draft->label);
            }
            if (StandardVersion::query()->where('standard_id', $standard->id)->where('label', $document['version'])->exists()) {
                throw VersionExists::of($document['name'], $document['version']);
            }
            $version = StandardVersion::query()->create([
                'standard_id' => $standard->id, 'label' => $document['version'], 'state' => 'draft', 'based_on_id' => $basedOn?->id,
            ])->refresh();
            $this->pieces->fill($version, $document);

            return $version;
        });
    }
}
