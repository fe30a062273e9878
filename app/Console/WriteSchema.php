<?php

declare(strict_types=1);

namespace App\Console;

use Cli\Document\PublishedSchema;
use Illuminate\Console\Command;

/** Writes the published JSON Schema of the standard's format. */
final class WriteSchema extends Command
{
    protected $signature = 'schema:write';

    protected $description = 'Write the JSON Schema of ordotype-standard/1 from the code';

    public function handle(): int
    {
        file_put_contents(base_path(PublishedSchema::FILE), PublishedSchema::text());
        $this->info(PublishedSchema::FILE.' is written.');

        return self::SUCCESS;
    }
}
