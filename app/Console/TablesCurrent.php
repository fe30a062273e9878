<?php

declare(strict_types=1);

namespace App\Console;

use App\Cluster\Tables;
use Illuminate\Console\Command;

/** Says whether the tables are those of this version: for a machine that does not make them and waits for the one that does. */
final class TablesCurrent extends Command
{
    protected $signature = 'tables:current';

    protected $description = 'Say whether the tables are those of this version';

    public function handle(Tables $tables): int
    {
        $state = $tables->state();
        $this->line(match ($state) {
            'current' => 'The tables are those of this version.',
            'behind' => 'The tables are of an earlier version.',
            'away' => 'The database does not answer, or has no tables yet.',
        });

        return $state === 'current' ? self::SUCCESS : self::FAILURE;
    }
}
