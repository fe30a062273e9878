<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Schedule\Laying;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/** How a line of a sheet is laid on one figure with the paints that it is mixed from. */
final readonly class SheetLaying
{
    public static function of(PlannedStep|TidyBack $planned, FigureMixes $mixes): Laying
    {
        $minutes = self::minutes($planned, $mixes);
        if ($planned instanceof TidyBack) {
            return new Laying($minutes);
        }
        $laid = $planned->step->laid;
        // Who looks is not who paints: what comes after it waits, and nobody's sitting is filled with it.
        $minutes = $planned->step->technique->look ? 0.0 : $minutes;

        return new Laying($minutes, $mixes->coatsOf($laid) * $laid->use->steps, $planned->step->technique->dryMinutes * $mixes->drying(), $mixes->paint($laid));
    }

    /** On one figure. The minutes of a use hold all coats that were asked for; more coats take as much longer. */
    public static function minutes(PlannedStep|TidyBack $planned, FigureMixes $mixes): float
    {
        if ($planned instanceof TidyBack) {
            return $planned->minutes;
        }
        $laid = $planned->step->laid;

        return $laid->minutes * $mixes->coatsOf($laid) / $laid->use->coats;
    }
}
