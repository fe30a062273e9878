<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * That a job was moved to another version of the standard.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property int $from_version_id
 * @property int $to_version_id
 * @property int $user_id
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 */
final class JobMove extends StudioRow
{
    protected $table = 'job_moves';
}
