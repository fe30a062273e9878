<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\NotAllowed;
use App\Actions\NotRight;
use App\Actions\Versioned;
use App\Models\Check;
use App\Models\Fault;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The lead lets a fault pass, with who agreed and why. What follows is a concession. */
final readonly class WaiveFault
{
    public function handle(Fault $fault, int $versionRead, string $agreedWith, string $reason, User $by): Fault
    {
        return DB::transaction(function () use ($fault, $versionRead, $agreedWith, $reason, $by): Fault {
            if (! $by->isLead()) {
                throw NotAllowed::because('lead-only', 'Only the lead waives a fault.');
            }
            if (trim($reason) === '' || trim($agreedWith) === '') {
                throw NotRight::at(trim($reason) === '' ? '/reason' : '/agreed_with', 'no-reason', 'A waiver says who agreed and why; it goes into the record.');
            }
            $locked = Versioned::lock($fault, $versionRead, 'this fault');
            $check = Check::query()->lockForUpdate()->findOrFail($locked->check_id);
            MayCheck::require($by, $check->figure()->firstOrFail());
            if (! in_array($check->state, ['open', 'refused'], true)) {
                throw NotAllowed::checkClosed();
            }
            $locked->fill(['waived_by' => $by->id, 'waived_at' => now(), 'waiver_agreed_with' => $agreedWith, 'waiver_reason' => $reason])->save();
            $check->increment('version');

            return $locked;
        });
    }
}
