<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $figure_type_id
 * @property string $key
 * @property int $position
 */
final class FigurePart extends StudioRow
{
    protected $table = 'figure_parts';

    public $timestamps = false;
}
