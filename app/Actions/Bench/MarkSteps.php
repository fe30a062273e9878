<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Transaction;
use App\Models\BenchMark;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\MarkState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\Plan\FigureState;

/** Says of a step on figures that it is done, or why it is not, or takes that back. Each word is appended. */
final readonly class MarkSteps
{
    public function __construct(
        private CurrentStudio $studio,
        private BenchSheets $sheets,
    ) {
    }

    /**
     * @throws NotRight if the step or a figure is not on the sheet, or a reason is missing
     * @throws Stale if somebody else said something of it since it was seen
     */
    public function handle(StepMark $mark, User $by): BenchSheet
    {
        return Transaction::run(function () use ($mark, $by): BenchSheet {
            $figures = BenchLock::figures(array_keys($mark->seen), $by);
            $sheet = $this->sheets->ofFigure($figures[0]);
            $step = $sheet->step($figures[0]->id, $mark->area, $mark->use) ?? throw BenchLock::noSuchStep($figures[0], $mark->area, $mark->use);
            self::requireWords($mark, $step);
            self::requireSupervisor($mark, $sheet, $step, $by);
            if ($this->isKept($mark, $figures[0])) {
                return $sheet;
            }
            foreach ($figures as $figure) {
                self::requireOnSheet($figure, $sheet, $step);
                self::requireLooked($figure, $sheet, $step, $mark, $by);
                self::requireSeen($figure, $sheet, $step, $mark->seen[$figure->id]);
            }
            $this->append($figures, $sheet, $step, $mark, $by);
            if ($mark->state === MarkState::Done && ! $step->isLook()) {
                Clock::read($by, $figures[0]->unit_id, $sheet, $step, array_keys($mark->seen));
            }

            return $this->sheets->readAgain($sheet);
        });
    }

    /** @throws NotRight if who looked on may not do it alone either, or nothing was done */
    private static function requireSupervisor(StepMark $mark, BenchSheet $sheet, SheetStep $step, User $by): void
    {
        if ($mark->supervisor === null) {
            return;
        }
        if ($mark->state !== MarkState::Done || $step->isLook()) {
            throw NotRight::at('/supervisor_id', 'nothing-done', 'Somebody looks on at work that is done; leave it out here.');
        }
        Supervision::of($by)->require($mark->supervisor, $step->technique, $sheet->rankOf($step), $step->inWords());
    }

    private static function requireOnSheet(Figure $figure, BenchSheet $sheet, SheetStep $step): void
    {
        BenchLock::requireAtTheBench($figure, $sheet);
        if ($sheet->step($figure->id, $step->area, $step->use) !== $step) {
            throw NotRight::at('/figures', 'other-step', "{$step->inWords()} is not laid on figure {$figure->number} in this way; mark it on the others alone.");
        }
    }

    /** A look is taken by who may check the figure; what comes after it waits for that. */
    private static function requireLooked(Figure $figure, BenchSheet $sheet, SheetStep $step, StepMark $mark, User $by): void
    {
        if ($step->isLook() && ($mark->state !== MarkState::TakenBack || $sheet->mark($step, $figure->id)?->state === MarkState::Done)) {
            Painters::requireOther($by, $figure);
        }
        $open = $mark->state === MarkState::Done ? $sheet->looksBefore($step, $figure->id) : [];
        if ($open !== []) {
            throw NotAllowed::because('not-looked', "Figure {$figure->number} waits for step {$open[0]->number}, {$open[0]->inWords()}: the lead or a deputy looks before this is laid on it.");
        }
    }

    private static function requireSeen(Figure $figure, BenchSheet $sheet, SheetStep $step, ?int $seen): void
    {
        $stands = $sheet->mark($step, $figure->id);
        if ($stands?->id !== $seen) {
            throw Stale::row("what is said of this step on figure {$figure->number}", $stands?->toArray() ?? []);
        }
    }

    private static function requireWords(StepMark $mark, SheetStep $step): void
    {
        if ($mark->state === MarkState::NotYet) {
            self::requireNotYet($mark, $step);
        }
        if ($mark->state === MarkState::NotNeeded) {
            if ($step->onlyIf() === '') {
                throw NotRight::at('/state', 'always-needed', 'This step is asked for in any case; say why it is not done.');
            }

            return;
        }
        if ($mark->state->excuse() !== null && trim($mark->reason) === '') {
            throw NotRight::at('/reason', 'no-reason', 'A step that is not done needs a reason; write why.');
        }
        if ($mark->state === MarkState::Waived && trim($mark->agreedWith) === '') {
            throw NotRight::at('/agreed_with', 'nobody-agreed', 'A step left out by agreement says with whom; write who agreed.');
        }
    }

    private static function requireNotYet(StepMark $mark, SheetStep $step): void
    {
        if (! $step->isLook()) {
            throw NotRight::at('/state', 'no-look', 'Only a look says that something does not hold yet.');
        }
        if (trim($mark->reason) === '') {
            throw NotRight::at('/reason', 'no-reason', 'Say what does not hold yet, so that it can be put right.');
        }
    }

    /** A connection that broke leaves open whether a mark arrived; it is sent again under its key. */
    private function isKept(StepMark $mark, Figure $figure): bool
    {
        return $mark->key !== null && BenchMark::query()->where('figure_id', $figure->id)->where('request_key', $mark->key)->exists();
    }

    private static function reason(StepMark $mark, SheetStep $step): string
    {
        return match (true) {
            $mark->state === MarkState::NotYet => $mark->reason,
            $mark->state->excuse() === null => '',
            $mark->state === MarkState::NotNeeded && trim($mark->reason) === '' => "asked only if {$step->onlyIf()}",
            default => $mark->reason,
        };
    }

    /** @param  non-empty-list<Figure>  $figures */
    private function append(array $figures, BenchSheet $sheet, SheetStep $step, StepMark $mark, User $by): void
    {
        $now = now();
        BenchMark::query()->insert(array_map(fn (Figure $figure): array => [
            'studio_id' => $this->studio->id(), 'figure_id' => $figure->id,
            'area' => $step->area, 'use' => $step->useOf($sheet->whoIs($figure->id)), 'technique' => $step->technique, 'coats' => $step->coats, 'steps' => $step->steps, 'extent' => $step->extent,
            'state' => $mark->state->value, 'reason' => self::reason($mark, $step), 'is_look' => $step->isLook(),
            'agreed_with' => $mark->state === MarkState::Waived ? $mark->agreedWith : '',
            'user_id' => $by->id, 'supervisor_id' => $mark->supervisor, 'request_key' => $mark->key, 'created_at' => $now, 'updated_at' => $now,
        ], $figures));
        Figure::query()->whereKey(array_column($figures, 'id'))->where('state', FigureState::ToPaint)
            ->increment('version', 1, ['state' => FigureState::Painting->value]);
    }
}
