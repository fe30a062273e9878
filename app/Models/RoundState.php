<?php

declare(strict_types=1);

namespace App\Models;

/** Where one check of a figure is. */
enum RoundState: string
{
    case Open = 'open';
    case Refused = 'refused';
    case Signed = 'signed';
    case Dropped = 'dropped';
}
