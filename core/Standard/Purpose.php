<?php

declare(strict_types=1);

namespace Core\Standard;

/** What figures of a tier are for. */
enum Purpose: string
{
    case Played = 'played';
    case Displayed = 'displayed';

    public function inWords(): string
    {
        return match ($this) {
            self::Played => 'to be played with',
            self::Displayed => 'to be displayed',
        };
    }
}
