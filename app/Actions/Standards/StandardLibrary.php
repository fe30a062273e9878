<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use Illuminate\Contracts\Cache\Repository;

/**
 * The stored standards as the core knows them, each read once a request. What was read from the database
 * is kept between requests: a version in force does not change, and a draft says its revision.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final class StandardLibrary
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

        /** @var Document */
        return $this->cache->rememberForever($key, static fn (): array => StandardDocument::of($version));
    }

    /** What was changed is read anew. */
    public function forget(int $versionId): void
    {
        unset($this->read[$versionId]);
    }
}
