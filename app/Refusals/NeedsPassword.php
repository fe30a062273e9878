<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** A deed that cannot be undone waits for the password to be said once more. */
final class NeedsPassword extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('Say your password once more: this cannot be undone.');
    }
}
