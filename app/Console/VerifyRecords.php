<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\SignOffs\VerifyChain;
use App\Models\CurrentStudio;
use App\Models\Studio;
use Illuminate\Console\Command;

/** Reads every chain again and keeps what was found. Runs each day. */
final class VerifyRecords extends Command
{
    protected $signature = 'records:verify';

    protected $description = 'Verify the chains of records';

    public function handle(CurrentStudio $current): int
    {
        $whole = true;
        foreach (Studio::query()->orderBy('id')->get() as $studio) {
            $current->enter($studio->id);
            $reading = app(VerifyChain::class)->keep();
            $whole = $whole && $reading->holds();
            $this->line("{$studio->name}: {$reading->records} records, ".($reading->holds() ? 'the chain holds.' : 'the chain does not hold:'));
            foreach ($reading->faults as $fault) {
                $this->error("  {$fault}");
            }
        }

        return $whole ? self::SUCCESS : self::FAILURE;
    }
}
