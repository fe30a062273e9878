<?php

declare(strict_types=1);

namespace App\Actions\Planning;

/** What is given for an earlier day. */
enum WayKind: string
{
    case Hands = 'hands';
    case Hours = 'hours';
    /** Another painter, and longer days on top: where none of the others alone makes it in time. */
    case HandsAndHours = 'hands-and-hours';
    case Tier = 'tier';
    case Date = 'date';
}
