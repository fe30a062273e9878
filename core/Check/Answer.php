<?php

declare(strict_types=1);

namespace Core\Check;

/** What was said of one item of a check. */
enum Answer: string
{
    case Holds = 'holds';
    case DoesNotHold = 'does-not-hold';
    case NotDone = 'not-done';
    case NotOnFigure = 'not-on-figure';
    case Unreachable = 'unreachable';

    public function isFault(): bool
    {
        return $this === self::DoesNotHold || $this === self::NotDone;
    }

    /** What takes an item out of the count says why. */
    public function needsReason(): bool
    {
        return $this === self::NotOnFigure || $this === self::Unreachable;
    }
}
