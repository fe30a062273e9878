<?php

declare(strict_types=1);

namespace Core\Listing;

/** How much of a figure an area is, as one says it at a glance: each word thrice the one before. Common practice, no source. */
enum AreaWeight: string
{
    case Tiny = 'tiny';
    case Small = 'small';
    case Medium = 'medium';
    case Large = 'large';

    public function weight(): int
    {
        return match ($this) {
            self::Tiny => 1,
            self::Small => 3,
            self::Medium => 9,
            self::Large => 27,
        };
    }
}
