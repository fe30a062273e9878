<?php

declare(strict_types=1);

namespace App\Models;

/** How far a paper is. */
enum PaperState: string
{
    /** No worker has begun it. */
    case Waiting = 'waiting';
    case Drawing = 'drawing';
    case Made = 'made';
    case Failed = 'failed';

    /** Somebody waits for it. */
    public const OPEN = [self::Waiting, self::Drawing];

    public function isOpen(): bool
    {
        return in_array($this, self::OPEN, true);
    }
}
