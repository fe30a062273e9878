<?php

declare(strict_types=1);

namespace App\Console;

use App\OpenApi\DocumentBuilder;
use Illuminate\Console\Command;

/** Writes the OpenAPI document, from which the types of the front end are made. */
final class WriteOpenApi extends Command
{
    protected $signature = 'openapi:write';

    protected $description = 'Write openapi.json from the code';

    public function handle(DocumentBuilder $builder): int
    {
        if ($this->laravel->routesAreCached()) {
            $this->error('The routes are cached, perhaps from before your change; run php artisan route:clear first.');

            return self::FAILURE;
        }
        file_put_contents(base_path('openapi.json'), self::text($builder));
        $this->info('openapi.json is written; npm run types makes the types from it.');

        return self::SUCCESS;
    }

    public static function text(DocumentBuilder $builder): string
    {
        return json_encode($builder->build(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }
}
