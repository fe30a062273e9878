<?php

declare(strict_types=1);

namespace Core\Sequence;

/** What says that one step comes before another; where two say the opposite, the earlier case holds. */
enum OrderForce: string
{
    /** Within an area, as it is composed. */
    case Standard = 'standard';
    /** What lies over the whole figure, at its stage. */
    case Whole = 'whole';
    /** What sits on or in another area. */
    case On = 'on';
    /** What a technique says of another. */
    case Technique = 'technique';
    /** What a school of the standard says of metals and of the ground cover. */
    case School = 'school';
}
