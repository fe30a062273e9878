<?php

declare(strict_types=1);

namespace App\Actions;

/** Who remembers for the length of a request what was read. When a change begins again ({@see Transaction}) it is read anew: it was given up because somebody else was there. */
interface ReadOnce
{
    public function forget(): void;
}
