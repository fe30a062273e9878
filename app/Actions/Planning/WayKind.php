<?php

declare(strict_types=1);

namespace App\Actions\Planning;

/** What is given for an earlier day. */
enum WayKind: string
{
    case Hands = 'hands';
    case Hours = 'hours';
    case Tier = 'tier';
    case Date = 'date';
}
