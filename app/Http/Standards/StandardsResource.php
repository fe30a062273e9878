<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use App\Models\StandardVersion;

/**
 * @phpstan-import-type StandardVersionRow from StandardRowResource
 */
final readonly class StandardsResource extends Resource
{
    /** @param  list<StandardVersion>  $versions */
    public function __construct(private array $versions)
    {
    }

    /** @return list<StandardVersionRow> */
    public function toArray(): array
    {
        return array_map(static fn (StandardVersion $version): array => (new StandardRowResource($version))->toArray(), $this->versions);
    }
}
