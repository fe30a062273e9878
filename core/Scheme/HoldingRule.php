<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One thing that holds a painted figure together. */
interface HoldingRule
{
    /** @return iterable<SchemeFinding> */
    public function findings(PaintedFigure $figure): iterable;
}
