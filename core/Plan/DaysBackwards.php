<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\CoreException;

/** Days away of which the last comes before the first. */
final class DaysBackwards extends CoreException
{
    public static function from(string $first, string $last): self
    {
        return new self('days-backwards', '/last', "The last day away, {$last}, comes before the first, {$first}.");
    }
}
