<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What a rung of an area's ladder is for. */
enum RungRole: string
{
    /** What lies under the paint of this area, where it is not the scheme's. */
    case Ground = 'ground';
    case Base = 'base';
    case Shade = 'shade';
    case Relight = 'relight';
    case Light = 'light';
}
