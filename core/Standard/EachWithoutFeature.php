<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\CoreException;

/** Minutes for each piece, without a piece that is counted. */
final class EachWithoutFeature extends CoreException
{
    public static function ofUse(string $use, string $pointer = ''): self
    {
        return new self(
            'each-without-feature',
            $pointer,
            "The use \"{$use}\" has minutes for each piece but names no piece; name the feature that is counted, or leave out \"each\".",
        );
    }
}
