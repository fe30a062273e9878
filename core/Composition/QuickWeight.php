<?php

declare(strict_types=1);

namespace Core\Composition;

/** How much of a figure an area is, as one says it at a glance. */
enum QuickWeight: string
{
    case Small = 'small';
    case Medium = 'medium';
    case Large = 'large';

    public function weight(): int
    {
        return match ($this) {
            self::Small => 1,
            self::Medium => 2,
            self::Large => 4,
        };
    }
}
