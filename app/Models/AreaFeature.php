<?php

declare(strict_types=1);

namespace App\Models;

final class AreaFeature extends StudioRow
{
    protected $table = 'area_features';

    public $timestamps = false;
}
