<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $figure_area_id
 * @property string $feature
 * @property int $pieces
 */
final class AreaFeature extends StudioRow
{
    protected $table = 'area_features';

    public $timestamps = false;
}
