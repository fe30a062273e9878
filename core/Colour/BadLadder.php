<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\CoreException;

/** Steps that make no ladder. */
final class BadLadder extends CoreException
{
    public static function withoutBase(): self
    {
        return new self('no-base', '/steps', 'No step is the base; exactly one step is.');
    }

    public static function secondBase(int $at): self
    {
        return new self('two-bases', "/steps/{$at}", 'This is a second base; exactly one step is the base, a base laid again after a shade is a relight.');
    }

    public static function relightWithoutShade(int $at): self
    {
        return new self('no-shade', "/steps/{$at}", 'A relight lays a tone again after a shade; put a shade before it.');
    }

    public static function lightBeforeBase(int $at): self
    {
        return new self('light-before-base', "/steps/{$at}", 'A light lies on something; put the base before it.');
    }
}
