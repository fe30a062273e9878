<?php

declare(strict_types=1);

namespace App\Console;

use Document\Member\MembersTable;
use Document\Standard\PublishedSchema;
use Illuminate\Console\Command;

/** Writes the published JSON Schema of the standard's format. */
final class WriteSchema extends Command
{
    protected $signature = 'schema:write';

    protected $description = 'Write the JSON Schema of ordotype-standard/1 from the code';

    public function handle(): int
    {
        file_put_contents(base_path(PublishedSchema::FILE), PublishedSchema::text());
        $page = base_path(MembersTable::FILE);
        file_put_contents($page, MembersTable::in((string) file_get_contents($page)));
        $this->info(PublishedSchema::FILE.' and the table in '.MembersTable::FILE.' are written.');

        return self::SUCCESS;
    }
}
