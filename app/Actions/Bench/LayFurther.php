<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Transaction;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\FurtherCoat;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\Sequence\PlannedStep;

/** Says that a step takes so many coats more on some figures than it is asked with. Their minutes, drying and paint follow. */
final readonly class LayFurther
{
    public const MOST = 5;

    public function __construct(
        private CurrentStudio $studio,
        private BenchSheets $sheets,
    ) {
    }

    /**
     * @throws NotRight if a figure is not on the sheet of the first, or has no such step
     * @throws Stale if it has another number of coats by now
     */
    public function handle(FurtherStep $further, User $by): BenchSheet
    {
        return Transaction::run(function () use ($further, $by): BenchSheet {
            $first = Figure::query()->findOrFail($further->figures[0]);
            Unit::query()->lockForUpdate()->findOrFail($first->unit_id);
            $figures = Figure::query()->with(['unit', 'furtherCoats'])->orderBy('id')->lockForUpdate()->findOrFail($further->figures);
            $sheet = $this->sheets->ofFigure($first);
            foreach ($figures as $figure) {
                Painters::require($by, $figure);
                self::requirePainted($figure, $sheet, $further);
                self::requireSeen($figure, $further);
            }
            FurtherCoat::query()->whereIn('figure_id', $further->figures)->where('area', $further->area)->where('use', $further->use)->delete();
            if ($further->coats > 0) {
                $now = now();
                FurtherCoat::query()->insert(array_map(fn (int $figure): array => [
                    'studio_id' => $this->studio->id(), 'figure_id' => $figure, 'area' => $further->area, 'use' => $further->use,
                    'coats' => $further->coats, 'user_id' => $by->id, 'created_at' => $now, 'updated_at' => $now,
                ], $further->figures));
            }

            return $this->sheets->ofFigure($first);
        });
    }

    private static function requirePainted(Figure $figure, BenchSheet $sheet, FurtherStep $further): void
    {
        if (! $sheet->has($figure->id)) {
            throw NotRight::at('/figures', 'other-sheet', "Figure {$figure->number} is not on this sheet; open its own.");
        }
        $planned = $sheet->step($figure->id, $further->area, $further->use)?->planned;
        if (! $planned instanceof PlannedStep) {
            throw NotRight::at('/use', 'unknown-use', "Figure {$figure->number} has no step \"{$further->use}\" on \"{$further->area}\"; open its sheet again, it may have changed.");
        }
        if (! $planned->step->technique->group->leavesColour() || $planned->step->technique->look) {
            throw NotRight::at('/use', 'no-coats', "{$planned->step->name()} is laid in no coats; a further one is of paint.");
        }
        if (! $figure->state->isAtTheBench()) {
            throw NotAllowed::because('not-at-the-bench', "Figure {$figure->number} was handed over; it comes back to the bench when it is refused or its work changes.");
        }
    }

    private static function requireSeen(Figure $figure, FurtherStep $further): void
    {
        foreach ($figure->furtherCoats as $row) {
            if ($row->area === $further->area && $row->use === $further->use && $row->coats !== $further->seen) {
                throw Stale::row("how many coats \"{$further->use}\" takes on figure {$figure->number}", ['coats' => $row->coats]);
            }
        }
        $has = $figure->furtherCoats->contains(static fn (FurtherCoat $row): bool => $row->area === $further->area && $row->use === $further->use);
        if (! $has && $further->seen !== 0) {
            throw Stale::row("how many coats \"{$further->use}\" takes on figure {$figure->number}", ['coats' => 0]);
        }
    }
}
