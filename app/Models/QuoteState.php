<?php

declare(strict_types=1);

namespace App\Models;

/** Where a quote stands. */
enum QuoteState: string
{
    /** Its link can be read, and agreed to. */
    case Open = 'open';
    case Agreed = 'agreed';
    /** By the studio, or because a later one took its place. */
    case Withdrawn = 'withdrawn';
    case Expired = 'expired';
}
