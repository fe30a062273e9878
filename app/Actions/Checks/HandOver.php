<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\Painters;
use App\Actions\Transaction;
use App\Models\Figure;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use Core\Plan\FigureState;

/** Hands a figure over to be checked: every step marked or excused, or, after a refusal, every fault mended. */
final readonly class HandOver
{
    public function __construct(
        private BenchSheets $sheets,
        private OpenFaults $faults,
    ) {
    }

    /** @param  non-empty-list<int>  $figures  ids; all are handed over, or none */
    public function handle(array $figures, User $by): void
    {
        Transaction::run(function () use ($figures, $by): void {
            $units = Figure::query()->whereKey($figures)->distinct()->orderBy('unit_id')->pluck('unit_id');
            $locked = Unit::query()->with('job')->whereKey($units)->orderBy('id')->lockForUpdate()->get();
            $rows = Figure::query()->with('unit')->orderBy('id')->lockForUpdate()->findOrFail($figures);
            /** @var array<int, list<BenchSheet>> $sheets each unit is composed once, however many of its figures are handed over */
            $sheets = [];
            foreach ($rows as $figure) {
                self::requireWithItsPainter($figure, $by);
                if ($figure->state->isSentBack()) {
                    $this->requireMended($figure);
                } else {
                    $sheets[$figure->unit_id] ??= $this->sheets->ofUnit($locked->findOrFail($figure->unit_id));
                    self::requireMarked($figure, BenchSheets::with($figure, $sheets[$figure->unit_id]));
                }
            }
            Figure::query()->whereKey($rows->modelKeys())->increment('version', 1, ['state' => FigureState::ToCheck->value]);
        });
    }

    private static function requireWithItsPainter(Figure $figure, User $by): void
    {
        Painters::require($by, $figure);
        if (! $figure->state->isWithItsPainter()) {
            throw NotAllowed::because('handed-over', "Figure {$figure->number} was handed over already.");
        }
    }

    private static function requireMarked(Figure $figure, BenchSheet $sheet): void
    {
        if (! $sheet->asksSomething()) {
            throw NotAllowed::because('no-steps', "Nothing is asked of figure {$figure->number}: its tier says nothing of its areas. The lead settles that before there is something to hand over.");
        }
        $open = $sheet->mishapsOn($figure->id);
        if ($open > 0) {
            throw NotAllowed::because('mishaps-open', "{$open} ".($open === 1 ? 'mishap is' : 'mishaps are').' not mended yet; mend each, or take it back if there was none.');
        }
        $left = $sheet->left($figure->id);
        if ($left > 0) {
            throw NotAllowed::because('steps-left', "{$left} ".($left === 1 ? 'step is' : 'steps are').' neither done nor excused; mark each, or excuse it with a reason.');
        }
    }

    private function requireMended(Figure $figure): void
    {
        $left = count($this->faults->toMend($figure));
        if ($left > 0) {
            throw NotAllowed::because('faults-left', "{$left} ".($left === 1 ? 'fault is' : 'faults are').' not mended yet; mend each, or ask the lead to waive it.');
        }
    }
}
