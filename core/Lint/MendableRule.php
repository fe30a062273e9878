<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** A rule whose findings are settled by the change of one piece. */
interface MendableRule extends LintRule
{
    /** @return Mend|null null where one change does not do */
    public function mend(Finding $finding, Standard $standard): ?Mend;
}
