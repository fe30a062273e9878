<?php

declare(strict_types=1);

namespace App\Models;

final class FigurePart extends StudioRow
{
    protected $table = 'figure_parts';

    public $timestamps = false;
}
