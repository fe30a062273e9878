<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\People\PasswordRule;
use App\Actions\Refusal;
use App\Actions\Studios\AddPerson;
use App\Models\Role;
use App\Models\Studio;
use Illuminate\Console\Command;

/** Makes an account, and the studio when there is none of this name. The password is asked for, or taken from standard input. */
final class AddUser extends Command
{
    protected $signature = 'user:add {studio} {name} {email} {role : lead, deputy or painter} {--signing-rank= : highest rank a deputy may sign} {--password= : else it is asked for}';

    protected $description = 'Make an account';

    public function handle(AddPerson $adding): int
    {
        $role = Role::tryFrom($this->argument('role'));
        $password = $this->option('password') ?? $this->secret('Password, at least '.PasswordRule::LEAST.' characters');
        if ($role === null || ! is_string($password) || mb_strlen($password) < PasswordRule::LEAST) {
            $this->error($role === null ? 'The role is lead, deputy or painter.' : 'The password has at least '.PasswordRule::LEAST.' characters.');

            return self::FAILURE;
        }
        $rank = $this->option('signing-rank');
        try {
            $user = $adding->handle(
                Studio::query()->firstOrCreate(['name' => $this->argument('studio')]),
                $this->argument('name'),
                $this->argument('email'),
                $role,
                is_numeric($rank) ? (int) $rank : null,
                $password,
            );
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->info("{$user->name} has an account as {$role->value}.");

        return self::SUCCESS;
    }
}
