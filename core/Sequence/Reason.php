<?php

declare(strict_types=1);

namespace Core\Sequence;

/** Why one step must come before another. */
enum Reason: string
{
    case Standard = 'the standard';
    case Drying = 'drying';
    case Access = 'access';
    case Protection = 'protection';
    case Adhesion = 'adhesion';
}
