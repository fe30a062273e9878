<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Database\Migrations\Migrator;
use Throwable;

/** Whether the tables of the database are those that this version of the application works on. One machine makes them, the others wait. */
final readonly class Tables
{
    public function __construct(private Migrator $migrator)
    {
    }

    /** @return 'current'|'behind'|'away' */
    public function state(): string
    {
        try {
            $done = $this->migrator->getRepository()->getRan();
            $all = $this->migrator->getMigrationFiles(database_path('migrations'));

            return array_diff(array_keys($all), $done) === [] ? 'current' : 'behind';
        } catch (Throwable) {
            return 'away';
        }
    }
}
