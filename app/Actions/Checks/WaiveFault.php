<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\RoundState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Check\FaultKind;

/** The lead lets a fault pass, with who agreed and why. What follows is a concession. */
final readonly class WaiveFault
{
    public function handle(Fault $fault, int $versionRead, string $agreedWith, string $reason, User $by): Fault
    {
        return Transaction::run(function () use ($fault, $versionRead, $agreedWith, $reason, $by): Fault {
            if (! $by->isLead()) {
                throw NotAllowed::because('lead-only', 'Only the lead waives a fault.');
            }
            if (trim($reason) === '' || trim($agreedWith) === '') {
                throw NotRight::at(trim($reason) === '' ? '/reason' : '/agreed_with', 'no-reason', 'A waiver says who agreed and why; it goes into the record.');
            }
            $figure = Figure::query()->lockForUpdate()->findOrFail(Check::query()->findOrFail($fault->check_id)->figure_id);
            $check = Check::query()->lockForUpdate()->findOrFail($fault->check_id);
            $locked = Versioned::lock($fault, $versionRead, 'this fault');
            MayCheck::require($by, $figure);
            if ($locked->kind === FaultKind::SentBack) {
                throw NotAllowed::because('leads-word', 'The lead sent the figure back for this; it is mended, not waived.');
            }
            if (! in_array($check->state, [RoundState::Open, RoundState::Refused], true)) {
                throw NotAllowed::checkClosed();
            }
            $locked->fill(['waived_by' => $by->id, 'waived_at' => now(), 'waiver_agreed_with' => $agreedWith, 'waiver_reason' => $reason])->save();
            $check->increment('version');

            return $locked;
        });
    }
}
