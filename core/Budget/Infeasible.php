<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\CoreException;

/** A budget that not even the cheapest choice keeps. */
final class Infeasible extends CoreException
{
    public static function under(int|float $budget, int $cheapest, string $pointer): self
    {
        return new self('infeasible', $pointer, "The budget of {$budget} is too small: the cheapest that every group can be painted for is {$cheapest} together. Raise it to that, or leave a group out.");
    }
}
