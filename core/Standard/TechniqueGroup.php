<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a technique does, in the order in which a layer of its kind is usually laid. */
enum TechniqueGroup: string
{
    case Prepare = 'prepare';
    case Ground = 'ground';
    case LayIn = 'lay-in';
    case Shade = 'shade';
    case Light = 'light';
    case Detail = 'detail';
    case Marking = 'marking';
    case Wear = 'wear';
    case Base = 'base';
    case Finish = 'finish';
    case Tidy = 'tidy';

    public function isBefore(self $other): bool
    {
        return array_search($this, self::cases(), true) < array_search($other, self::cases(), true);
    }
}
