<?php

declare(strict_types=1);

namespace App\Console;

use App\Export\Notices;
use Illuminate\Console\Command;

/** Writes which packages are shipped, and under which licence each is. */
final class WriteNotices extends Command
{
    protected $signature = 'notices:write';

    protected $description = 'Write NOTICES.md from the installed packages';

    public function handle(): int
    {
        file_put_contents(base_path(Notices::FILE), Notices::text(base_path()));
        $this->info(Notices::FILE.' is written.');

        return self::SUCCESS;
    }
}
