<?php

declare(strict_types=1);

namespace Core\Lint;

/** Which piece a mend changes, and from where it takes what it puts there. */
enum MendKind
{
    /** The cell says that nothing is asked for. */
    case NotAsked;
    /** The use of the finding as the tier below has it. */
    case UseFromBelow;
    /** The first lay-in of the tier below that is missing here. */
    case LayInFromBelow;
    /** The criteria of the tier below that judge what is done here too. */
    case CriteriaFromBelow;
    /** The criterion of the finding is left out. */
    case WithoutCriterion;
    /** Members of the use of the finding; with fewer steps its minutes are less by as much. */
    case Use;
    /** Members of the tier's head. */
    case Tier;
}
