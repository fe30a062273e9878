<?php

declare(strict_types=1);

namespace Core\Standard;

/** How far a use reaches over its area, from a few spots to all of it. */
enum Extent: string
{
    case Spot = 'spot';
    case Focal = 'focal';
    case Upper = 'upper';
    case Every = 'every';

    public function isNarrowerThan(self $other): bool
    {
        return $this->reach() < $other->reach();
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Spot => 'a few spots',
            self::Focal => 'focal places only',
            self::Upper => 'upper parts only',
            self::Every => 'everywhere',
        };
    }

    private function reach(): int
    {
        return match ($this) {
            self::Spot => 0,
            self::Focal => 1,
            self::Upper => 2,
            self::Every => 3,
        };
    }
}
