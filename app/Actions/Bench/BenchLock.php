<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Figure;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Holds figures of one unit while something is said of them at the bench. */
final readonly class BenchLock
{
    /**
     * @param  non-empty-list<int>  $ids
     * @return non-empty-list<Figure> by id, each of which this person may paint
     */
    public static function figures(array $ids, User $by): array
    {
        $first = Figure::query()->findOrFail($ids[0]);
        // The unit is locked before its figures, so that two crossing marks of a batch follow each other.
        Unit::query()->lockForUpdate()->findOrFail($first->unit_id);
        /** @var non-empty-list<Figure> $figures */
        $figures = array_values(Figure::query()->with('unit')->orderBy('id')->lockForUpdate()->findOrFail($ids)->all());
        foreach ($figures as $figure) {
            Painters::require($by, $figure);
        }

        return $figures;
    }

    /**
     * @throws NotRight if it is on another sheet
     * @throws NotAllowed if it was handed over
     */
    public static function requireAtTheBench(Figure $figure, BenchSheet $sheet): void
    {
        if (! $sheet->has($figure->id)) {
            throw NotRight::at('/figures', 'other-sheet', "Figure {$figure->number} is not on this sheet; open its own.");
        }
        if (! $figure->state->isAtTheBench()) {
            throw NotAllowed::because('not-at-the-bench', "Figure {$figure->number} was handed over; it comes back to the bench when it is refused or its work changes.");
        }
    }

    public static function noSuchStep(Figure $figure, string $area, string $use): NotRight
    {
        return NotRight::at('/use', 'unknown-use', "Figure {$figure->number} has no step \"{$use}\" on \"{$area}\"; open its sheet again, it may have changed.");
    }
}
