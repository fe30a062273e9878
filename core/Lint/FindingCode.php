<?php

declare(strict_types=1);

namespace Core\Lint;

/** What can be wrong with a standard. */
enum FindingCode: string
{
    case NoLayIn = 'no-lay-in';
    case StepDown = 'step-down';
    case Undecided = 'undecided';
    case FurtherAway = 'further-away';
    case Looser = 'looser';
    case OverBudget = 'over-budget';
    case LookTooShort = 'look-too-short';
    case NoCriterion = 'no-criterion';
    case UnknownTechnique = 'unknown-technique';
    case DuplicateRequirement = 'duplicate-requirement';

    // Advice: what may be meant so.
    case NotNoticed = 'not-noticed';
    case BeyondMinutes = 'beyond-minutes';
    case MinutesFall = 'minutes-fall';
    case UnjudgedUse = 'unjudged-use';
    case UndecidedInUse = 'undecided-in-use';
    case AgainstSchool = 'against-school';
    case MissingBefore = 'missing-before';
    case WrongOrder = 'wrong-order';
}
