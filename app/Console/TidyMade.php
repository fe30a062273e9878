<?php

declare(strict_types=1);

namespace App\Console;

use App\Export\MadeFiles;
use App\Models\Paper;
use App\Models\StudioScope;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Throws away what was made long ago and can be made again. Runs each day. */
final class TidyMade extends Command
{
    /** A paper that was asked for longer ago is asked for anew. */
    private const DAYS = 30;

    protected $signature = 'made:tidy';

    protected $description = 'Throw away pictures and papers that were made long ago; they are made again when asked for';

    public function handle(MadeFiles $files): int
    {
        $now = CarbonImmutable::now();
        $papers = Paper::query()->withoutGlobalScope(StudioScope::class)->where('asked_at', '<', $now->subDays(self::DAYS))->toBase()->delete();
        $this->line("{$files->tidy($now)} files and {$papers} papers were thrown away.");

        return self::SUCCESS;
    }
}
