<?php

declare(strict_types=1);

namespace App\Models;

use Core\Check\Excuse;

/** What was said of a step on a figure at the bench. The latest word counts. */
enum MarkState: string
{
    case Done = 'done';
    case Later = 'later';
    case Waived = 'waived';
    case NotOnFigure = 'not-on-figure';
    case Unreachable = 'unreachable';
    case NotNeeded = 'not-needed';
    case TakenBack = 'taken-back';
    /** Of a look between stages: what was looked at does not hold yet. */
    case NotYet = 'not-yet';

    /** Whether the step is behind the figure: done, or excused. */
    public function settles(): bool
    {
        return $this !== self::NotYet && $this !== self::TakenBack;
    }

    /** Null: it was done, or nothing is said of it any more. */
    public function excuse(): ?Excuse
    {
        return Excuse::tryFrom($this->value);
    }
}
