<?php

declare(strict_types=1);

namespace App\Models;

final class CheckAnswer extends StudioRow
{
    protected $table = 'check_answers';

    public $timestamps = false;
}
