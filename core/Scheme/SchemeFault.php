<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What can be wrong with a scheme as a whole. */
enum SchemeFault: string
{
    case NeighboursAlike = 'neighbours-alike';
    case OneFamily = 'one-family';
    case HueTurns = 'hue-turns';
    case LightsDisagree = 'lights-disagree';
    case AreasDiffer = 'areas-differ';
    case SpanShort = 'span-short-of-tier';
    case ManyHues = 'many-hues';
    case MetalsAlike = 'metals-alike';
    case TooMuchWater = 'too-much-water';
}
