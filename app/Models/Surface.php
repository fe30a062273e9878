<?php

declare(strict_types=1);

namespace App\Models;

final class Surface extends StudioRow
{
    protected $table = 'surfaces';

    public $timestamps = false;

    protected $casts = ['needs_lay_in' => 'boolean'];
}
