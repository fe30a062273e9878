<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Refusals\Refusal;

/** A figure type that is there already. */
final class FigureTypeExists extends Refusal
{
    public static function named(string $name): self
    {
        return new self('figure-type-exists', "There is a figure type like \"{$name}\" already; use it, or give this one another name.", '/name');
    }
}
