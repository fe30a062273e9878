<?php

declare(strict_types=1);

namespace App\Models;

/** Where a version of a standard is: written, followed by new work, or followed by old work only. */
enum VersionState: string
{
    case Draft = 'draft';
    case InForce = 'in-force';
    case Retired = 'retired';
}
