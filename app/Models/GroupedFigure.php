<?php

declare(strict_types=1);

namespace App\Models;

/**
 * In which group of a grouping a figure is; in no two of them.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $grouping_id
 * @property int $figure_id
 * @property string $group_name
 */
final class GroupedFigure extends StudioRow
{
    protected $table = 'grouped_figures';
}
