<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Painters;
use App\Actions\Transaction;
use App\Models\BenchMark;
use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\MarkState;
use App\Models\Mending;
use App\Models\RoundState;
use App\Models\User;
use App\Refusals\NotAllowed;
use Core\Check\ItemKind;
use Core\Plan\FigureState;

/** A painter has mended a fault of a refused figure. When the last one is mended the figure is. */
final readonly class MendFault
{
    public function __construct(private OpenFaults $faults)
    {
    }

    public function handle(Fault $fault, string $note, User $by): Figure
    {
        return Transaction::run(function () use ($fault, $note, $by): Figure {
            $figure = Figure::query()->with('unit')->lockForUpdate()->findOrFail(Check::query()->findOrFail($fault->check_id)->figure_id);
            $check = Check::query()->lockForUpdate()->findOrFail($fault->check_id);
            if (! Painters::mayPaint($by, $figure)) {
                throw NotAllowed::because('not-your-figure', 'This figure is given to somebody else; the lead can give it to you.');
            }
            if ($check->state !== RoundState::Refused || ! $figure->state->isSentBack()) {
                throw NotAllowed::because('not-refused', 'This fault is not open to be mended: the figure was not refused with it, or is in check again.');
            }
            Mending::query()->firstOrCreate(['fault_id' => $fault->id], ['user_id' => $by->id, 'note' => $note]);
            if ($fault->item === ItemKind::Excused) {
                $this->markDone($figure, $fault, $by);
            }
            $figure->state = $this->faults->toMend($figure) === [] ? FigureState::Mended : FigureState::Refused;
            $figure->version++;
            $figure->save();

            return $figure;
        });
    }

    /** What was left undone at the bench is done now, and says so like any other step. */
    private function markDone(Figure $figure, Fault $fault, User $by): void
    {
        $undone = BenchMark::query()->where('figure_id', $figure->id)->where('area', $fault->area)->where('use', $fault->criterion)->orderByDesc('number')->first();
        if ($undone !== null && $undone->state !== MarkState::Done) {
            $done = $undone->replicate(['request_key', 'number']);
            $done->fill(['state' => MarkState::Done, 'reason' => '', 'agreed_with' => '', 'user_id' => $by->id])->save();
        }
    }
}
