<?php

declare(strict_types=1);

namespace Core\Scheme;

/** Where the hue of an area may go along its ladder. Red lightens to orange or to pink: choose. Common practice, no source. */
enum Turn: string
{
    /** It stays what it is. */
    case None = 'none';
    /** Toward yellow, as red turns to orange. */
    case Warm = 'warm';
    /** Away from yellow, as red turns to pink. */
    case Cold = 'cold';
}
