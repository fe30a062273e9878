<?php

declare(strict_types=1);

namespace Core\Listing;

use Core\CoreException;
use Core\NumberText;

/** Shares that do not make up the body once. */
final class SharesDoNotFit extends CoreException
{
    public static function over(float $sum, string $pointer = ''): self
    {
        return new self('shares', $pointer, sprintf('The shares come to %s; the body is made up once. Take %s away.', NumberText::percent($sum), NumberText::percent($sum - 1)));
    }

    public static function nothingLeft(string $area, string $pointer = ''): self
    {
        return new self('shares', $pointer, "The shares that are given make up the whole body, so nothing is left for \"{$area}\". Take some away from another area, and give this one its share or leave it a word.");
    }

    public static function under(float $sum, string $pointer = ''): self
    {
        return new self('shares', $pointer, sprintf('The shares come to %s; the body is made up once. Say a word instead of a share for one area, and it takes the %s left.', NumberText::percent($sum), NumberText::percent(1 - $sum)));
    }
}
