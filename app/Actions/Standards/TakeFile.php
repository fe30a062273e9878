<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
use App\Models\StandardVersion;
use App\Models\VersionState;
use Document\Difference\ChangeLine;
use Document\Standard\StandardFile;
use Document\Standard\StandardReader;

/** A standard from a file: read, shown beside what is there, then taken as the draft. */
final readonly class TakeFile
{
    public function __construct(
        private StandardLibrary $library,
        private StoreStandard $store,
        private DiscardDraft $discard,
    ) {
    }

    /** @return array{name: string, version: string, against: string|null, lines: list<ChangeLine>} */
    public function read(string $text): array
    {
        $document = StandardFile::read($text);
        $against = self::present();

        return [
            'name' => $document['name'],
            'version' => $document['version'],
            'against' => $against?->label,
            'lines' => $against === null ? [] : CompareVersions::between($this->library->of($against->id), StandardReader::ofSound()->read($document)),
        ];
    }

    /** Takes the place of the draft that is there, if there is one. */
    public function take(string $text, ?string $label): StandardVersion
    {
        $document = StandardFile::read($text);
        $document['version'] = $label ?? $document['version'];

        return Transaction::run(function () use ($document): StandardVersion {
            $draft = StandardVersion::query()->where('state', VersionState::Draft)->first();
            if ($draft !== null) {
                $this->discard->handle($draft);
            }

            return $this->store->handle($document, StandardVersion::inForce());
        });
    }

    /** What is there: the draft, else the version in force. */
    private static function present(): ?StandardVersion
    {
        return StandardVersion::query()->whereIn('state', [VersionState::Draft, VersionState::InForce])->orderByRaw("state = 'draft' DESC")->first();
    }
}
