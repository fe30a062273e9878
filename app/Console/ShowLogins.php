<?php

declare(strict_types=1);

namespace App\Console;

use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Prints the demo logins. */
final class ShowLogins extends Command
{
    protected $signature = 'demo:logins';

    protected $description = 'Print the demo logins';

    public function handle(): int
    {
        foreach (DemoSeeder::PEOPLE as $studio => $people) {
            foreach ($people as [$name, $email, $role]) {
                $this->line(sprintf('  %-8s %-22s %-26s %s', $role->value, $name, $email, $studio));
            }
        }
        $this->line('  Password of all of them: '.DemoSeeder::password());

        return self::SUCCESS;
    }
}
