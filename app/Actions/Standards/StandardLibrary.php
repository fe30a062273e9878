<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use Core\Standard\Standard;
use Core\Standard\StandardReader;

/** The stored standards as the core knows them, each read once a request. */
final class StandardLibrary
{
    /** @var array<int, Standard> */
    private array $read = [];

    public function of(int $versionId): Standard
    {
        return $this->read[$versionId] ??= StandardReader::ofSound()->read(
            StandardDocument::of(StandardVersion::query()->findOrFail($versionId)),
        );
    }
}
