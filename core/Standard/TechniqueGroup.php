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

    /** Whether paint of it is seen: cleaning, work on the base and varnish leave no colour of their own. */
    public function leavesColour(): bool
    {
        return ! in_array($this, [self::Prepare, self::Base, self::Finish, self::Tidy], true);
    }

    public function isBefore(self $other): bool
    {
        return array_search($this, self::cases(), true) < array_search($other, self::cases(), true);
    }
}
