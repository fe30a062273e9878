<?php

declare(strict_types=1);

namespace Core\Check;

/** What a checker sees beside what is asked: where paint is not as it should be, or a part is not there. */
enum FlawKind: string
{
    case Patch = 'patch';
    case Overspill = 'overspill';
    case StrayDot = 'stray-dot';
    case WideLine = 'wide-line';
    case Broken = 'broken';

    public function kind(): FaultKind
    {
        return $this === self::Broken ? FaultKind::Broken : FaultKind::Flaw;
    }

    /** A broken part is broken, however large; all else counts by its size. */
    public function hasSize(): bool
    {
        return $this !== self::Broken;
    }
}
