<?php

declare(strict_types=1);

namespace Core\Schedule;

/** What comes first of all that may be laid next on the figures of a batch. */
enum BatchPath: string
{
    /** A coat on all figures, then the next. */
    case StepByStep = 'step-by-step';
    /** As much of a figure as can be done, then of the next. */
    case FigureByFigure = 'figure-by-figure';
}
