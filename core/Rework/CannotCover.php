<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\CoreException;
use Core\Standard\Opacity;

/** A layer that lets through what is under it, and is said to hide it. */
final class CannotCover extends CoreException
{
    public static function layer(string $id, Opacity $opacity, string $pointer): self
    {
        $lets = $opacity === Opacity::Semi ? 'semi-opaque' : 'transparent';

        return new self('cannot-cover', $pointer, "\"{$id}\" is {$lets}, so what is foreign shows through it; leave \"covers\" out, or call the layer opaque.");
    }
}
