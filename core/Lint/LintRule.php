<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** One thing that a standard is read for. */
interface LintRule
{
    /** @return iterable<Finding> */
    public function findings(Standard $standard): iterable;
}
