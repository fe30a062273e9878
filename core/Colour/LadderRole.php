<?php

declare(strict_types=1);

namespace Core\Colour;

/** What a step of a ladder is for. */
enum LadderRole: string
{
    case Shade = 'shade';
    case Base = 'base';
    case Light = 'light';
    /** A tone laid again on raised parts after a shade. */
    case Relight = 'relight';
}
