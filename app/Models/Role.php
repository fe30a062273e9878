<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may do in the studio. */
enum Role: string
{
    case Lead = 'lead';
    case Deputy = 'deputy';
    case Painter = 'painter';

    public function checks(): bool
    {
        return $this !== self::Painter;
    }
}
