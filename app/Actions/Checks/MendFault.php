<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Painters;
use App\Actions\NotAllowed;
use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\FigureState;
use App\Models\Mending;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** A painter has mended a fault of a refused figure. When the last one is mended the figure is. */
final readonly class MendFault
{
    public function __construct(private OpenFaults $faults)
    {
    }

    public function handle(Fault $fault, string $note, User $by): Figure
    {
        return DB::transaction(function () use ($fault, $note, $by): Figure {
            $check = Check::query()->findOrFail($fault->check_id);
            $figure = Figure::query()->with('unit')->lockForUpdate()->findOrFail($check->figure_id);
            if (! Painters::mayPaint($by, $figure)) {
                throw NotAllowed::because('not-your-figure', 'This figure is given to somebody else; the lead can give it to you.');
            }
            if ($check->state !== 'refused' || ! in_array($figure->state, [FigureState::Refused, FigureState::Mended], true)) {
                throw NotAllowed::because('not-refused', 'This fault is not open to be mended: the figure was not refused with it, or is in check again.');
            }
            Mending::query()->firstOrCreate(['fault_id' => $fault->id], ['user_id' => $by->id, 'note' => $note]);
            $figure->state = $this->faults->toMend($figure) === [] ? FigureState::Mended : FigureState::Refused;
            $figure->version++;
            $figure->save();

            return $figure;
        });
    }
}
