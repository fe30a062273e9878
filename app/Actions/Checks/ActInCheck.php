<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Transaction;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\CheckDeed;
use App\Models\Fault;
use App\Models\FigureMap;
use App\Models\RoundState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\FaultKind;
use Core\Check\Zone;
use Core\Standard\Side;

/** Everything that is done in a check: each an action that can be undone. */
final readonly class ActInCheck
{
    public function __construct(private ReadCheck $reading)
    {
    }

    public function answer(Check $check, int $versionRead, GivenAnswer $given, User $by, ?string $key = null): CheckReading
    {
        return $this->act($check, $versionRead, $by, $key, function (CheckReading $reading) use ($given, $by, $key): void {
            $item = $reading->sheet->item($given->key()) ?? throw NotRight::at('/criterion', 'unknown-item', "\"{$given->id}\" is not asked of \"{$given->area}\" on this figure.");
            self::requireFits($item, $given);
            $action = $this->action($reading->check, CheckDeed::Answer, $given->side, $by, $key);
            $this->write($reading, $action, $item, $given->answer, $given->side, $given->reason);
        });
    }

    private static function requireFits(CheckItem $item, GivenAnswer $given): void
    {
        if (! in_array($given->answer, $item->answers(), true)) {
            $words = implode(' or ', array_map(static fn (Answer $one): string => str_replace('-', ' ', $one->value), $item->answers()));

            throw NotRight::at('/answer', 'not-an-answer', "This was handed over undone ({$item->alone}); of it can be said: {$words}. What is done after all is marked at the bench.");
        }
        if ($item->needsReason($given->answer) && trim($given->reason) === '') {
            throw NotRight::at('/reason', 'no-reason', 'Say why it is not asked of this figure; it is kept in the record.');
        }
    }

    /** Answers, as holding, everything still open whose last counted side this is. */
    public function pass(Check $check, int $versionRead, Side $side, User $by, ?string $key = null): CheckReading
    {
        return $this->act($check, $versionRead, $by, $key, function (CheckReading $reading) use ($side, $by, $key): void {
            if (! $reading->tier->judging->counts($side)) {
                throw NotRight::at('/side', 'side-not-counted', "The tier {$reading->tier->name} does not count {$side->value}.");
            }
            if (in_array($side, $reading->state->passed, true)) {
                throw NotRight::at('/side', 'side-passed', "This side ({$side->value}) is passed already.");
            }
            $action = $this->action($reading->check, CheckDeed::Pass, $side, $by, $key);
            foreach ($reading->state->answeredByPassing($side, $reading->sheet) as $item) {
                $this->write($reading, $action, $item, Answer::Holds, $side, '');
            }
        });
    }

    public function flaw(Check $check, int $versionRead, NotedFlaw $flaw, User $by, ?string $key = null): CheckReading
    {
        return $this->act($check, $versionRead, $by, $key, function (CheckReading $reading) use ($flaw, $by, $key): void {
            $place = $reading->composed->type->area($flaw->area) ?? throw NotRight::at('/area', 'unknown-area', "This figure has no area \"{$flaw->area}\".");
            $this->requireMap($reading, $flaw);
            Fault::query()->create([
                'check_id' => $reading->check->id,
                'check_action_id' => $this->action($reading->check, CheckDeed::Flaw, $flaw->side, $by, $key)->id,
                'kind' => $flaw->kind(),
                'area' => $flaw->area,
                'side' => $flaw->side->value,
                'zone' => Zone::of($place)->value,
                'flaw' => $flaw->flaw,
                'size_mm' => $flaw->sizeMm(),
                'note' => $flaw->note,
                ...($flaw->place ?? []),
            ]);
        });
    }

    /** A place is one on a picture that is there. */
    private function requireMap(CheckReading $reading, NotedFlaw $flaw): void
    {
        if ($flaw->place !== null && FigureMap::query()->where('figure_type_id', $reading->composed->typeId())->where('side', $flaw->side)->doesntExist()) {
            throw NotRight::at('/x', 'no-map', "This figure is not laid out as a picture from {$flaw->side->value}; note the flaw without its place.");
        }
    }

    public function removeFlaw(Check $check, int $versionRead, Fault $fault, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, null, function (CheckReading $reading) use ($fault, $by): void {
            $standing = array_filter($reading->faults, static fn (Fault $one): bool => $one->id === $fault->id && $one->criterion === null);
            if ($standing === []) {
                throw NotRight::at('/fault', 'not-there', 'This flaw is not noted in this check any more.');
            }
            $fault->update(['removed_by_action_id' => $this->action($reading->check, CheckDeed::RemoveFlaw, null, $by)->id]);
        });
    }

    /** Takes back the last thing that was done. */
    public function undo(Check $check, int $versionRead, User $by): CheckReading
    {
        return $this->act($check, $versionRead, $by, null, static function (CheckReading $reading) use ($by): void {
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
        return $check->actions->last(static fn (CheckAction $action): bool => $action->undone_at === null && $action->kind !== CheckDeed::Stands);
    }

    /**
     * @param  string|null  $key of the request: a deed that arrives twice under one key is done once
     * @param  callable(CheckReading): void  $deed
     */
    private function act(Check $check, int $versionRead, User $by, ?string $key, callable $deed): CheckReading
    {
        return Transaction::run(function () use ($check, $versionRead, $by, $key, $deed): CheckReading {
            if ($key !== null && CheckAction::query()->where('check_id', $check->id)->where('request_key', $key)->exists()) {
                return $this->reading->handle($check->refresh());
            }
            $lock = CheckLock::take($check, $versionRead);
            MayCheck::require($by, $lock->figure);
            if ($lock->check->state !== RoundState::Open) {
                throw NotAllowed::checkClosed();
            }
            $deed($this->reading->handle($lock->check));
            // Relations that were read for the deed are not columns of the check.
            $lock->check->setRelations([]);
            $lock->check->save();

            return $this->reading->handle($lock->check);
        });
    }

    private function action(Check $check, CheckDeed $kind, ?Side $side, User $by, ?string $key = null): CheckAction
    {
        return CheckAction::query()->create(['check_id' => $check->id, 'user_id' => $by->id, 'kind' => $kind, 'side' => $side?->value, 'request_key' => $key]);
    }

    /** The words go with the answer, as they stood when it was given. */
    private function write(CheckReading $reading, CheckAction $action, CheckItem $item, Answer $answer, ?Side $side, string $reason): void
    {
        $severity = $item->severityOf($answer)->value;
        $place = ['check_action_id' => $action->id, 'item' => $item->kind()->value, 'area' => $item->area->area->id, 'criterion' => $item->criterion->id, 'text' => $item->criterion->text];
        CheckAnswer::query()->create([...$place, 'severity' => $item->criterion->severity->value, 'source' => $reading->sourceOf($item), 'answer' => $answer->value, 'side' => $side?->value, 'reason' => $reason]);
        if ($answer->isFault()) {
            Fault::query()->create([
                ...$place,
                'check_id' => $action->check_id,
                'kind' => $answer === Answer::NotDone ? FaultKind::Missing : FaultKind::Criterion,
                'severity' => $severity,
                // What was left undone is undone from every side.
                'side' => $item->excused === null ? $side?->value : null,
                'zone' => $item->zone()->value,
                'note' => $reason,
            ]);
        }
    }
}
