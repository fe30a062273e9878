<?php

declare(strict_types=1);

namespace App\Models;

/** Where a job is. */
enum JobState: string
{
    case Open = 'open';
    case Closed = 'closed';
}
