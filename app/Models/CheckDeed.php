<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody did in a check. */
enum CheckDeed: string
{
    case Answer = 'answer';
    case Pass = 'pass';
    case Flaw = 'flaw';
    case RemoveFlaw = 'remove-flaw';
    case Stands = 'stands';
    case SendBack = 'send-back';
}
