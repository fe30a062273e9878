<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\CoreException;

/** A fault in a layer that is not on the figure yet. */
final class NotLaid extends CoreException
{
    /** @param  list<string>  $laid */
    public static function layer(string $id, array $laid, string $pointer): self
    {
        $right = $laid === [] ? 'nothing is laid yet' : 'laid so far: '.implode(', ', $laid);

        return new self('not-laid', $pointer, "\"{$id}\" is not on the figure yet, so it has no fault; {$right}.");
    }
}
