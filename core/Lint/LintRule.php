<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** One thing that a standard is read for, with all that is said of it. */
interface LintRule
{
    /** What it finds, for programs. */
    public function code(): string;

    /** @return iterable<Finding> */
    public function findings(Standard $standard): iterable;

    /** @param  string  $surface name; empty where a finding is about the whole tier */
    public function sentence(Finding $finding, string $tier, string $surface): string;

    /** What holds of a standard without this finding. */
    public function rule(): string;

    public function source(): string;
}
