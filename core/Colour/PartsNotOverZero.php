<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\CoreException;

/** A part of a mix that is none. */
final class PartsNotOverZero extends CoreException
{
    public static function given(float $parts): self
    {
        return new self('out-of-range', '', "{$parts} parts are none; the parts of a mix are over 0.");
    }
}
