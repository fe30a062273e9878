<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\People\PasswordRule;
use App\Actions\Studios\AddPerson;
use App\Actions\Transaction;
use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use App\Refusals\Refusal;
use Illuminate\Console\Command;

/** Makes an account, and the studio when there is none of this name. The password is asked for, or taken from standard input. */
final class AddUser extends Command
{
    protected $signature = 'user:add {studio} {name} {email} {role : lead, deputy or painter} {--signing-rank= : highest rank a deputy may sign} {--password= : else it is asked for}';

    protected $description = 'Make an account';

    public function handle(AddPerson $adding): int
    {
        $role = Role::tryFrom($this->argument('role'));
        $given = $this->option('password') ?? $this->secret('Password, at least '.PasswordRule::LEAST.' characters');
        $password = is_string($given) ? $given : '';
        if ($role === null) {
            $this->error('The role is lead, deputy or painter.');

            return self::FAILURE;
        }
        $rank = $this->option('signing-rank');
        try {
            // A password that is refused leaves no studio behind.
            $user = Transaction::run(function () use ($adding, $role, $rank, $password): User {
                $studio = Studio::query()->firstOrCreate(['name' => $this->argument('studio')]);
                PasswordRule::require($password, $this->argument('name'), $this->argument('email'), $studio);

                return $adding->handle($studio, $this->argument('name'), $this->argument('email'), $role, is_numeric($rank) ? (int) $rank : null, $password);
            });
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->info("{$user->name} has an account as {$role->value}.");

        return self::SUCCESS;
    }
}
