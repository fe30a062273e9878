<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRole;

/** What a rung of an area's ladder is for. */
enum RungRole: string
{
    /** What lies under the paint of this area, where it is not the scheme's. */
    case Ground = 'ground';
    case Base = 'base';
    case Shade = 'shade';
    case Relight = 'relight';
    case Light = 'light';

    /** Its place on the tonal ladder; the ground has none. */
    public function onLadder(): ?LadderRole
    {
        return match ($this) {
            self::Ground => null,
            self::Base => LadderRole::Base,
            self::Shade => LadderRole::Shade,
            self::Relight => LadderRole::Relight,
            self::Light => LadderRole::Light,
        };
    }
}
