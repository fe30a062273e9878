<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\NotAllowed;
use App\Actions\NotRight;
use App\Models\BenchMark;
use App\Models\Figure;
use App\Models\FigureState;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Marks a step on figures as done, excuses it with a reason, or takes a mark back. */
final readonly class MarkSteps
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    /** @param  list<int>  $ids of figures of one sheet */
    public function ofIds(array $ids, string $area, string $use, ?string $state, string $reason, User $by): BenchSheet
    {
        $figures = array_values(Figure::query()->findOrFail($ids)->all());
        if ($figures === []) {
            throw NotRight::at('/figures', 'no-figures', 'Say which figures are marked.');
        }

        return $this->handle($figures, $area, $use, $state, $reason, $by);
    }

    /**
     * @param  non-empty-list<Figure>  $figures of one sheet
     * @param  string|null  $state done, later, waived, not-on-figure, unreachable; null: the mark is taken back
     */
    public function handle(array $figures, string $area, string $use, ?string $state, string $reason, User $by): BenchSheet
    {
        return DB::transaction(function () use ($figures, $area, $use, $state, $reason, $by): BenchSheet {
            $sheet = $this->sheets->ofFigure($figures[0]);
            $step = $sheet->step($area, $use) ?? throw NotRight::at('/use', 'unknown-use', "This sheet has no step \"{$use}\" on \"{$area}\"; open it again, it may have changed.");
            if ($state !== null && $state !== 'done' && trim($reason) === '') {
                throw NotRight::at('/reason', 'no-reason', 'A step that is not done needs a reason; write why.');
            }
            foreach ($figures as $figure) {
                $this->mark($this->locked($figure, $sheet, $by), $step, $state, $reason, $by);
            }

            return $this->sheets->ofFigure($figures[0]);
        });
    }

    private function locked(Figure $figure, BenchSheet $sheet, User $by): Figure
    {
        $locked = Figure::query()->with('unit')->lockForUpdate()->findOrFail($figure->id);
        if (! $sheet->has($locked->id)) {
            throw NotRight::at('/figures', 'other-sheet', "Figure {$locked->number} is not on this sheet; open its own.");
        }
        if (! Painters::mayPaint($by, $locked)) {
            throw NotAllowed::because('not-your-figure', "Figure {$locked->number} is given to somebody else; the lead can give it to you.");
        }
        if (! in_array($locked->state, [FigureState::ToPaint, FigureState::Painting], true)) {
            throw NotAllowed::because('not-at-the-bench', "Figure {$locked->number} was handed over; it comes back to the bench when it is refused or its work changes.");
        }

        return $locked;
    }

    private function mark(Figure $figure, SheetStep $step, ?string $state, string $reason, User $by): void
    {
        $place = [
            'figure_id' => $figure->id, 'area' => $step->area, 'use' => $step->use, 'technique' => $step->technique,
            'coats' => $step->coats, 'steps' => $step->steps, 'extent' => $step->extent,
        ];
        if ($state === null) {
            BenchMark::query()->where($place)->delete();

            return;
        }
        BenchMark::query()->updateOrCreate($place, ['state' => $state, 'reason' => $state === 'done' ? '' : $reason, 'user_id' => $by->id]);
        if ($figure->state === FigureState::ToPaint) {
            $figure->state = FigureState::Painting;
            $figure->version++;
            $figure->save();
        }
    }
}
