<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Studios\AddPerson;
use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Models\Invitation;
use App\Models\LogKind;
use App\Models\Role;
use App\Models\StudioScope;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** The lead invites somebody by a link that is used once and expires. */
final readonly class Invite
{
    private const DAYS = 7;

    public function __construct(private AddPerson $adding)
    {
    }

    /** @return array{Invitation, string} the invitation, and what stands in its link, which is not kept */
    public function handle(User $by, string $name, string $email, Role $role, ?int $signingRank): array
    {
        return Transaction::run(function () use ($by, $name, $email, $role, $signingRank): array {
            $this->adding->requireFree($by->studio, $name, mb_strtolower($email));
            $token = LinkToken::fresh();
            $invitation = Invitation::query()->create([
                'token_hash' => LinkToken::hash($token), 'name' => $name, 'email' => mb_strtolower($email), 'role' => $role,
                'signing_rank' => $role === Role::Deputy ? $signingRank : null, 'invited_by' => $by->id, 'expires_at' => now()->addDays(self::DAYS),
            ]);
            Log::of($by, LogKind::Invited, "{$name} as {$role->value}");

            return [$invitation, $token];
        });
    }

    public function withdraw(Invitation $invitation, User $by): void
    {
        $invitation->update(['withdrawn_at' => now()]);
        Log::of($by, LogKind::InvitationWithdrawn, $invitation->name);
    }

    /** @throws NotAllowed if there is none that may still be used; why is not told, so that nobody learns by guessing */
    public static function open(string $token): Invitation
    {
        // Who comes by a link is in no studio yet.
        $invitation = Invitation::query()->withoutGlobalScope(StudioScope::class)->with('studio')->where('token_hash', LinkToken::hash($token))->first();

        return $invitation !== null && $invitation->isOpen()
            ? $invitation
            : throw NotAllowed::because('no-invitation', 'This link was used, withdrawn or is too old. Ask the lead for another.');
    }

    /** @throws NotRight if the password may not be one, or name or address were taken meanwhile */
    public function accept(string $token, string $password): User
    {
        return Transaction::run(function () use ($token, $password): User {
            $found = self::open($token);
            $invitation = Invitation::query()->withoutGlobalScope(StudioScope::class)->lockForUpdate()->findOrFail($found->id);
            if (! $invitation->isOpen()) {
                throw NotAllowed::because('no-invitation', 'This link was used meanwhile. Ask the lead for another.');
            }
            PasswordRule::require($password, $invitation->name, $invitation->email, $found->studio);
            $user = $this->adding->handle($found->studio, $invitation->name, $invitation->email, $invitation->role, $invitation->signing_rank, $password);
            $invitation->update(['used_at' => now()]);
            Log::of($user, LogKind::Joined);

            return $user;
        });
    }
}
