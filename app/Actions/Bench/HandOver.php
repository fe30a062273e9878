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

    /** @param  non-empty-list<int>  $figures  ids; all are handed over, or none */
    public function handle(array $figures, User $by): void
    {
        DB::transaction(function () use ($figures, $by): void {
            foreach (Figure::query()->with('unit')->orderBy('id')->lockForUpdate()->findOrFail($figures) as $figure) {
                $this->figure($figure, $by);
            }
        });
    }

    private function figure(Figure $figure, User $by): void
    {
        if (! Painters::mayPaint($by, $figure)) {
            throw NotAllowed::because('not-your-figure', "Figure {$figure->number} is given to somebody else; the lead can give it to you.");
        }
        if (! $figure->state->isWithItsPainter()) {
            throw NotAllowed::because('handed-over', "Figure {$figure->number} was handed over already.");
        }
        in_array($figure->state, [FigureState::Refused, FigureState::Mended], true) ? $this->requireMended($figure) : $this->requireMarked($figure);
        $figure->state = FigureState::ToCheck;
        $figure->version++;
        $figure->save();
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
