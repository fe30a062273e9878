<?php

declare(strict_types=1);

namespace Core\Standard;

/** How bad it is when a criterion does not hold. */
enum Severity: string
{
    case Critical = 'critical';
    case Major = 'major';
    case Minor = 'minor';
}
