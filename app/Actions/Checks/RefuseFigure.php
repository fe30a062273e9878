<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Transaction;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckDeed;
use App\Models\Fault;
use App\Models\RoundState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Check\FaultKind;
use Core\Check\Verdict;
use Core\Plan\FigureState;

/** Sends a figure back to its painter: with the faults that are over its limits, or on the lead's word and for its reason. */
final readonly class RefuseFigure
{
    public function __construct(private ReadCheck $reading)
    {
    }

    /**
     * @param  string  $reason needed where the numbers accept the figure
     * @param  string  $area where the lead saw it; empty: not said
     */
    public function handle(Check $check, int $versionRead, string $reason, string $area, User $by): Check
    {
        return Transaction::run(function () use ($check, $versionRead, $reason, $area, $by): Check {
            $lock = CheckLock::take($check, $versionRead);
            MayCheck::require($by, $lock->figure);
            if ($lock->check->state !== RoundState::Open) {
                throw NotAllowed::checkClosed();
            }
            $reading = $this->reading->handle($lock->check);
            if ($reading->judgement->verdict !== Verdict::Rework) {
                self::requireLeadsReason($reading, $reason, $area, $by);
                $this->note($lock->check, $reason, $area, $by);
            }
            $lock->check->setRelations([]);
            $lock->check->fill(['state' => RoundState::Refused, 'closed_at' => now(), 'closed_by' => $by->id])->save();
            $lock->figure->fill(['state' => FigureState::Refused, 'version' => $lock->figure->version + 1])->save();

            return $lock->check;
        });
    }

    private static function requireLeadsReason(CheckReading $reading, string $reason, string $area, User $by): void
    {
        if (! $by->isLead()) {
            throw NotAllowed::because('nothing-to-rework', 'The faults of this figure are within the limits of its tier; only the lead sends it back all the same, with a reason.');
        }
        if (trim($reason) === '') {
            throw NotRight::at('/reason', 'no-reason', 'The numbers accept this figure. Say why it goes back; it is told to the painter and kept on record.');
        }
        if ($area !== '' && $reading->composed->type->area($area) === null) {
            throw NotRight::at('/area', 'unknown-area', "This figure has no area \"{$area}\".");
        }
    }

    private function note(Check $check, string $reason, string $area, User $by): void
    {
        $action = CheckAction::query()->create(['check_id' => $check->id, 'user_id' => $by->id, 'kind' => CheckDeed::SendBack]);
        Fault::query()->create(['check_id' => $check->id, 'check_action_id' => $action->id, 'kind' => FaultKind::SentBack, 'area' => $area, 'note' => $reason]);
    }
}
