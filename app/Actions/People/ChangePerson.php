<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Models\LogKind;
use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\Stale;
use Illuminate\Support\Facades\DB;

/** The lead changes what somebody may do, or ends an account: its sessions end, its marks and signatures stay. */
final readonly class ChangePerson
{
    public function role(User $person, Role $role, ?int $signingRank, int $versionRead, User $by): User
    {
        return $this->with($person, $versionRead, static function (User $locked) use ($role, $signingRank, $by): void {
            if ($locked->role === Role::Lead && $role !== Role::Lead) {
                self::requireAnotherLead($locked);
            }
            $was = $locked->role->value;
            $locked->fill(['role' => $role, 'signing_rank' => $role === Role::Deputy ? $signingRank : null])->save();
            Log::of($by, LogKind::RoleChanged, "{$locked->name}: {$was} to {$role->value}".($locked->signing_rank === null ? '' : ", signs up to rank {$locked->signing_rank}"));
        });
    }

    public function end(User $person, int $versionRead, User $by): User
    {
        return $this->with($person, $versionRead, static function (User $locked) use ($by): void {
            self::requireAnotherLead($locked);
            $locked->fill(['ended_at' => now()])->save();
            Sessions::endAll($locked);
            Log::of($by, LogKind::AccountEnded, $locked->name);
        });
    }

    /**
     * Changes the account as the sender read it.
     *
     * @param  callable(User): void  $change  of the locked row, to be saved there
     */
    public function with(User $person, int $versionRead, callable $change): User
    {
        return Transaction::run(static function () use ($person, $versionRead, $change): User {
            // One after the other in a studio, so that two leads do not take each other's role away.
            Studio::query()->lockForUpdate()->findOrFail($person->studio_id);
            $locked = User::query()->lockForUpdate()->findOrFail($person->id);
            if ($locked->version !== $versionRead) {
                throw Stale::row("the account of {$locked->name}", ['id' => $locked->id, 'role' => $locked->role->value, 'version' => $locked->version]);
            }
            if ($locked->ended_at !== null) {
                throw NotAllowed::because('ended', "The account of {$locked->name} was ended already.");
            }
            $locked->version++;
            $change($locked);

            return $locked;
        });
    }

    private static function requireAnotherLead(User $person): void
    {
        $others = DB::table('users')->where('studio_id', $person->studio_id)->where('role', Role::Lead->value)->whereNull('ended_at')->where('id', '<>', $person->id)->exists();
        if ($person->role === Role::Lead && ! $others) {
            throw NotAllowed::because('last-lead', "{$person->name} is the only lead of the studio; give somebody else the role first.");
        }
    }
}
