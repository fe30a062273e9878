<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** What `db:seed` loads, in tests too: the demo. */
final class DatabaseSeeder extends Seeder
{
    public function run(DemoSeeder $demo): void
    {
        $demo->run();
    }
}
