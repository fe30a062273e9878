<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\ReadOnce;
use App\Models\StandardVersion;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;

/**
 * The stored standards as the core knows them, each read once a request. What was read from the database
 * is kept between requests: a version in force does not change, and a draft says its revision.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final class StandardLibrary implements ReadOnce
{
    /** @var array<int, Standard> */
    private array $read = [];

    public function __construct(private readonly Repository $cache)
    {
    }

    public function of(int $versionId): Standard
    {
        return $this->read[$versionId] ??= StandardReader::ofSound()->read($this->document(StandardVersion::query()->findOrFail($versionId)));
    }

    /** @return Document */
    public function document(StandardVersion $version): array
    {
        $key = sprintf('standard.%d.%d.%s', $version->id, $version->revision, $version->updated_at?->format('U') ?? '');

        /** @var Document|null $kept */
        $kept = $this->cache->get($key);
        if ($kept !== null) {
            return $kept;
        }
        $document = StandardDocument::of($version);
        // A change that is given up leaves its number to another one, so what it made is kept only when it stands.
        DB::afterCommit(fn () => $this->cache->forever($key, $document));

        return $document;
    }

    /** What was changed is read anew. */
    public function forgetVersion(int $versionId): void
    {
        unset($this->read[$versionId]);
    }

    public function forget(): void
    {
        $this->read = [];
    }
}
