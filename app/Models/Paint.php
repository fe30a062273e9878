<?php

declare(strict_types=1);

namespace App\Models;

final class Paint extends StudioRow
{
    protected $table = 'paints';
}
