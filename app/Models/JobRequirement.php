<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a tier by agreement asks of one surface in one job.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property string $tier
 * @property string $surface
 * @property array<string, mixed> $value uses, criteria, menu and note as in a document
 */
final class JobRequirement extends StudioRow
{
    protected $table = 'job_requirements';

    protected $casts = ['value' => 'array'];
}
