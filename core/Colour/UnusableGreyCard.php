<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\CoreException;

/** A grey card that was photographed so that nothing can be told by it. */
final class UnusableGreyCard extends CoreException
{
    /** @param  array{float, float, float}  $light linear, of the card */
    public static function exposed(array $light): self
    {
        return new self('unusable-card', '', array_sum($light) < 1
            ? 'The grey card is nearly black in this picture; take it in more light, or point at the card itself.'
            : 'The grey card is nearly white in this picture; take it with less light, or point at the card itself.');
    }
}
