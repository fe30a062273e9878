<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Checks\OpenFaults;
use App\Actions\NotAllowed;
use App\Models\Figure;
use App\Models\FigureState;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Hands a figure over to be checked: every step marked or excused, or, after a refusal, every fault mended. */
final readonly class HandOver
{
    public function __construct(
        private BenchSheets $sheets,
        private OpenFaults $faults,
    ) {
    }

    public function handle(Figure $figure, User $by): Figure
    {
        return DB::transaction(function () use ($figure, $by): Figure {
            $locked = Figure::query()->with('unit')->lockForUpdate()->findOrFail($figure->id);
            if (! Painters::mayPaint($by, $locked)) {
                throw NotAllowed::because('not-your-figure', 'This figure is given to somebody else; the lead can give it to you.');
            }
            if (! $locked->state->isWithItsPainter()) {
                throw NotAllowed::because('handed-over', 'This figure was handed over already.');
            }
            in_array($locked->state, [FigureState::Refused, FigureState::Mended], true) ? $this->requireMended($locked) : $this->requireMarked($locked);
            $locked->state = FigureState::ToCheck;
            $locked->version++;
            $locked->save();

            return $locked;
        });
    }

    private function requireMarked(Figure $figure): void
    {
        $sheet = $this->sheets->ofFigure($figure);
        foreach ($sheet->figures as $composed) {
            $left = $composed->row->id === $figure->id ? $sheet->left($composed) : 0;
            if ($left > 0) {
                throw NotAllowed::because('steps-left', "{$left} ".($left === 1 ? 'step is' : 'steps are').' neither done nor excused; mark each, or excuse it with a reason.');
            }
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
