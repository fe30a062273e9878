<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Studio;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Loads the demo once; a second run changes nothing. */
final class LoadDemo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Load the demo studios, once';

    public function handle(DemoSeeder $seeder): int
    {
        if (Studio::query()->exists()) {
            return self::SUCCESS;
        }
        $seeder->run();
        $this->info('The demo is loaded.');

        return self::SUCCESS;
    }
}
