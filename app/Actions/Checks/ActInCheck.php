<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\NotAllowed;
use App\Actions\NotRight;
use App\Actions\Versioned;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\Fault;
use App\Models\User;
use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Standard\Side;
use Illuminate\Support\Facades\DB;

/** Everything that is done in a check: each an action that can be undone. */
final readonly class ActInCheck
{
    public function __construct(private ReadCheck $reading)
    {
    }

    public function answer(Check $check, int $versionRead, string $area, string $criterion, Answer $answer, ?Side $side, string $reason, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, function (CheckReading $reading) use ($area, $criterion, $answer, $side, $reason, $by): void {
            $item = $reading->sheet->item(CheckItem::keyOf($area, $criterion));
            if ($item === null) {
                throw NotRight::at('/criterion', 'unknown-item', "\"{$criterion}\" is not asked of \"{$area}\" on this figure.");
            }
            if ($answer->needsReason() && trim($reason) === '') {
                throw NotRight::at('/reason', 'no-reason', 'Say why it is not asked of this figure; it is kept in the record.');
            }
            $action = $this->action($reading->check, 'answer', $side, $by);
            $this->write($action, $item, $answer, $side, $reason);
        });
    }

    /** Answers, as holding, everything still open whose last counted side this is. */
    public function pass(Check $check, int $versionRead, Side $side, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, function (CheckReading $reading) use ($side, $by): void {
            if (! $reading->tier->judging->counts($side)) {
                throw NotRight::at('/side', 'side-not-counted', "The tier {$reading->tier->name} does not count {$side->value}.");
            }
            if (in_array($side, $reading->state->passed, true)) {
                throw NotRight::at('/side', 'side-passed', "This side ({$side->value}) is passed already.");
            }
            $action = $this->action($reading->check, 'pass', $side, $by);
            foreach ($reading->state->answeredByPassing($side, $reading->sheet) as $item) {
                $this->write($action, $item, Answer::Holds, $side, '');
            }
        });
    }

    /** @param  string  $flaw patch, overspill, stray-dot, wide-line, or broken */
    public function flaw(Check $check, int $versionRead, string $flaw, string $area, Side $side, float $sizeMm, string $note, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, function (CheckReading $reading) use ($flaw, $area, $side, $sizeMm, $note, $by): void {
            $place = $reading->composed->type->area($area);
            if ($place === null) {
                throw NotRight::at('/area', 'unknown-area', "This figure has no area \"{$area}\".");
            }
            $broken = $flaw === 'broken';
            Fault::query()->create([
                'check_id' => $reading->check->id,
                'check_action_id' => $this->action($reading->check, 'flaw', $side, $by)->id,
                'kind' => $broken ? 'broken' : 'flaw',
                'area' => $area,
                'side' => $side->value,
                'zone' => $place->focal ? 'focal' : 'plain',
                'flaw' => $flaw,
                'size_mm' => $broken ? null : $sizeMm,
                'note' => $note,
            ]);
        });
    }

    public function removeFlaw(Check $check, int $versionRead, Fault $fault, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, function (CheckReading $reading) use ($fault, $by): void {
            $standing = array_filter($reading->faults, static fn (Fault $one): bool => $one->id === $fault->id && $one->criterion === null);
            if ($standing === []) {
                throw NotRight::at('/fault', 'not-there', 'This flaw is not noted in this check any more.');
            }
            $fault->update(['removed_by_action_id' => $this->action($reading->check, 'remove-flaw', null, $by)->id]);
        });
    }

    /** Takes back the last thing that was done. */
    public function undo(Check $check, int $versionRead, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, static function (CheckReading $reading) use ($by): void {
            $last = self::lastToUndo($reading->check);
            if ($last === null) {
                throw NotAllowed::because('nothing-to-undo', 'There is nothing to undo in this check.');
            }
            $last->update(['undone_at' => now(), 'undone_by' => $by->id]);
        });
    }

    /** What stands from the check before was not done in this one. */
    public static function lastToUndo(Check $check): ?CheckAction
    {
        return $check->actions->last(static fn (CheckAction $action): bool => $action->undone_at === null && $action->kind !== 'stands');
    }

    /** @param  callable(CheckReading): void  $deed */
    private function act(Check $check, int $versionRead, User $by, callable $deed): CheckReading
    {
        return DB::transaction(function () use ($check, $versionRead, $by, $deed): CheckReading {
            $locked = Versioned::lock($check, $versionRead, 'this check');
            MayCheck::require($by, $locked->figure()->firstOrFail());
            if ($locked->state !== 'open') {
                throw NotAllowed::checkClosed();
            }
            $deed($this->reading->handle($locked));
            // Relations that were read for the deed are not columns of the check.
            $locked->setRelations([]);
            $locked->save();

            return $this->reading->handle($locked);
        });
    }

    private function action(Check $check, string $kind, ?Side $side, User $by): CheckAction
    {
        return CheckAction::query()->create(['check_id' => $check->id, 'user_id' => $by->id, 'kind' => $kind, 'side' => $side?->value]);
    }

    private function write(CheckAction $action, CheckItem $item, Answer $answer, ?Side $side, string $reason): void
    {
        $place = ['check_action_id' => $action->id, 'area' => $item->area->area->id, 'criterion' => $item->criterion->id];
        CheckAnswer::query()->create([...$place, 'answer' => $answer->value, 'side' => $side?->value, 'reason' => $reason]);
        if ($answer->isFault()) {
            Fault::query()->create([
                ...$place,
                'check_id' => $action->check_id,
                'kind' => $answer === Answer::NotDone ? 'missing' : 'criterion',
                'severity' => $item->criterion->severity->value,
                'side' => $side?->value,
                'zone' => $item->zone()->value,
                'note' => $reason,
            ]);
        }
    }
}
