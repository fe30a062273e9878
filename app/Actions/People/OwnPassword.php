<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Studios\Log;
use App\Models\LogKind;
use App\Models\User;
use App\Refusals\NotRight;
use Illuminate\Contracts\Hashing\Hasher;

/** Somebody's own password: shown to be known, or changed for another, which ends all other sessions. */
final readonly class OwnPassword
{
    public function __construct(private Hasher $hasher)
    {
    }

    /** @throws NotRight if it is not theirs */
    public function require(User $user, string $password, string $path): void
    {
        if (! $this->hasher->check($password, $user->password)) {
            throw NotRight::at($path, 'wrong-password', 'This is not your password.');
        }
    }

    /** @param  string|null  $session the one that goes on */
    public function change(User $user, string $current, string $password, ?string $session): void
    {
        $this->require($user, $current, '/current_password');
        PasswordRule::require($password, $user->name, $user->email, $user->studio);
        $user->update(['password' => $password]);
        Sessions::endAll($user, $session);
        Log::of($user, LogKind::PasswordChanged);
    }
}
