<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $scheme_step_id
 * @property int $paint_id
 * @property float $parts
 * @property int $position
 */
final class SchemeStepPart extends StudioRow
{
    protected $table = 'scheme_step_parts';

    public $timestamps = false;
}
