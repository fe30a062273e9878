<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Figure;
use App\Refusals\NotAllowed;

/** Gives a figure a name of its own, as a leader has; empty takes it. */
final readonly class NameFigure
{
    /** @throws NotAllowed if it is signed: its record says what it was called */
    public function handle(Figure $figure, string $name, int $versionRead): Figure
    {
        return Transaction::run(static function () use ($figure, $name, $versionRead): Figure {
            $locked = Versioned::lock($figure, $versionRead, "figure {$figure->number}");
            AssignUnit::requireUnsigned([$locked]);
            $locked->update(['name' => $name]);

            return $locked;
        });
    }
}
