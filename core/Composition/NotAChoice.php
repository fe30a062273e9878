<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\CoreException;
use Core\Standard\TechniqueUse;

/** A technique chosen that the use does not offer. */
final class NotAChoice extends CoreException
{
    public static function of(TechniqueUse $use, string $technique, string $pointer = ''): self
    {
        $right = $use->leavesMethodOpen()
            ? 'it may be '.implode(' or ', $use->techniques)
            : "its method is settled: {$use->techniques[0]}";

        return new self('not-a-choice', $pointer, "\"{$technique}\" cannot be chosen for \"{$use->id}\"; {$right}.");
    }
}
