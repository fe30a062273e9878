<?php

declare(strict_types=1);

namespace App\Models;

/** Where a job is. One of the archive is closed, and is not listed with those that were closed of late. */
enum JobState: string
{
    case Open = 'open';
    case Closed = 'closed';
    case Archived = 'archived';
}
