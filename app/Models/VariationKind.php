<?php

declare(strict_types=1);

namespace App\Models;

/** How a figure departs from its tier. */
enum VariationKind: string
{
    case Waiver = 'waiver';
    case Addition = 'addition';
    /** An area about which the tier is silent, agreed as not asked for. */
    case NotAsked = 'not-asked';
    /** An area that the sculpt has not. */
    case Lacks = 'lacks';
}
