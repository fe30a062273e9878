<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Figure;
use App\Refusals\NotAllowed;

/** What was signed off cannot change: its record names it. */
final readonly class Unsigned
{
    /**
     * @param  iterable<Figure>  $figures
     * @param  callable(Figure): string  $sentence what is said of the first that is signed
     *
     * @throws NotAllowed if one is
     */
    public static function require(iterable $figures, callable $sentence): void
    {
        foreach ($figures as $figure) {
            if (! $figure->state->canBeAssigned()) {
                throw NotAllowed::because('signed', $sentence($figure));
            }
        }
    }
}
