<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Actions\Transaction;
use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use App\Refusals\NotRight;

/** Makes an account. There is no public registration: the lead does it, or an administrator by command. */
final readonly class AddPerson
{
    /**
     * @param  int|null  $signingRank  highest rank of a tier that a deputy may sign; of no meaning for others
     *
     * @throws NotRight if the address or the name is taken
     */
    public function handle(Studio $studio, string $name, string $email, Role $role, ?int $signingRank, string $password): User
    {
        return Transaction::run(function () use ($studio, $name, $email, $role, $signingRank, $password): User {
            $email = mb_strtolower($email);
            $this->requireFree($studio, $name, $email);

            return User::query()->create([
                'studio_id' => $studio->id, 'name' => $name, 'email' => $email, 'role' => $role,
                'signing_rank' => $role === Role::Deputy ? $signingRank : null, 'password' => $password,
            ]);
        });
    }

    /** @throws NotRight if the address or the name is taken */
    public function requireFree(Studio $studio, string $name, string $email): void
    {
        if (User::query()->where('email', $email)->exists()) {
            throw NotRight::at('/email', 'address-taken', 'Somebody has an account with this e-mail already; take another.');
        }
        if ($studio->users()->where('name', $name)->exists()) {
            throw NotRight::at('/name', 'name-taken', "The studio has somebody called \"{$name}\" already; records name people, so give each a name of their own.");
        }
    }
}
