<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;

/** Something found wrong with a figure. */
interface Fault
{
    /** How bad it is at a tier, before any waiver, and why. */
    public function weigh(Judging $judging): Weight;

    /** Whether the lead lets it pass with a reason. */
    public function isWaived(): bool;
}
