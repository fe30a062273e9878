<?php

declare(strict_types=1);

namespace Core\Check;

/** What follows from the faults of a figure. */
enum Verdict: string
{
    case Accept = 'accept';
    case Rework = 'rework';
    case Concession = 'concession';

    public function allowsSignOff(): bool
    {
        return $this !== self::Rework;
    }
}
