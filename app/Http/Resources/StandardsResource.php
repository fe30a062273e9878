<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardVersion;

/**
 * @phpstan-type StandardVersionRow array{id: int, name: string, version: string, state: string, in_force_at: string|null}
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
        return array_map(static fn (StandardVersion $version): array => [
            'id' => $version->id, 'name' => $version->standard->name, 'version' => $version->label, 'state' => $version->state,
            'in_force_at' => $version->in_force_at?->toIso8601ZuluString(),
        ], $this->versions);
    }
}
