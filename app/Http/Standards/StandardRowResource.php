<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use App\Models\StandardVersion;
use App\Models\VersionState;

/**
 * One version of the standard.
 *
 * @phpstan-type StandardVersionRow array{
 *   id: int,
 *   name: string,
 *   version: string,
 *   state: value-of<VersionState>,
 *   revision: int,
 *   in_force_at: string|null,
 *   in_force_by: string|null,
 *   in_force_why: string,
 *   jobs: int,
 *   based_on: int|null,
 * }
 */
final readonly class StandardRowResource extends Resource
{
    public function __construct(
        private StandardVersion $version,
    ) {
    }

    /** @return StandardVersionRow */
    public function toArray(): array
    {
        $version = $this->version->loadMissing(['standard', 'forcer']);
        $jobs = $version->getAttributes()['jobs_count'] ?? 0;

        return [
            'id' => $version->id, 'name' => $version->standard->name, 'version' => $version->label, 'state' => $version->state->value, 'revision' => $version->revision,
            'in_force_at' => $version->in_force_at?->toIso8601ZuluString(),
            'in_force_by' => $version->forcer?->name,
            'in_force_why' => $version->in_force_why,
            'jobs' => is_numeric($jobs) ? (int) $jobs : 0,
            'based_on' => $version->based_on_id,
        ];
    }
}
