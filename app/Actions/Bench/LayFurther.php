<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Transaction;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\FurtherCoat;
use App\Models\User;
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
            $figures = BenchLock::figures($further->figures, $by);
            $sheet = $this->sheets->ofFigure($figures[0]);
            foreach ($figures as $figure) {
                self::requirePainted($figure, $sheet, $further);
                self::requireSeen($sheet->of($figure->id), $further);
            }
            FurtherCoat::query()->whereIn('figure_id', $further->figures)->where('area', $further->area)->where('use', $further->use)->delete();
            if ($further->coats > 0) {
                $now = now();
                FurtherCoat::query()->insert(array_map(fn (int $figure): array => [
                    'studio_id' => $this->studio->id(), 'figure_id' => $figure, 'area' => $further->area, 'use' => $further->use,
                    'coats' => $further->coats, 'user_id' => $by->id, 'created_at' => $now, 'updated_at' => $now,
                ], $further->figures));
            }

            return $this->sheets->ofFigure($figures[0]);
        });
    }

    private static function requirePainted(Figure $figure, BenchSheet $sheet, FurtherStep $further): void
    {
        BenchLock::requireAtTheBench($figure, $sheet);
        $planned = $sheet->step($figure->id, $further->area, $further->use)?->planned;
        if (! $planned instanceof PlannedStep) {
            throw BenchLock::noSuchStep($figure, $further->area, $further->use);
        }
        if (! $planned->step->technique->group->leavesColour() || $planned->step->technique->look) {
            throw NotRight::at('/use', 'no-coats', "{$planned->step->name()} is laid in no coats; a further one is of paint.");
        }
    }

    private static function requireSeen(ComposedFigure $figure, FurtherStep $further): void
    {
        $has = $figure->further->of($further->area, $further->use);
        if ($has !== $further->seen) {
            throw Stale::row("how many coats \"{$further->use}\" takes on figure {$figure->row->number}", ['coats' => $has]);
        }
    }
}
