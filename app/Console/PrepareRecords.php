<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\SignOffs\Anchors;
use App\Actions\SignOffs\Keyring;
use App\Models\CurrentStudio;
use App\Models\SignOff;
use App\Models\Studio;
use Illuminate\Console\Command;

/**
 * Makes the key that signs records where there is none, and keeps the head of each chain that began before
 * there was one. Where heads are kept already it does nothing.
 */
final class PrepareRecords extends Command
{
    protected $signature = 'records:prepare';

    protected $description = 'Make ready for signed records';

    public function handle(Keyring $keys, Anchors $anchors, CurrentStudio $current): int
    {
        $keys->prepare();
        foreach (Studio::query()->orderBy('id')->get() as $studio) {
            $current->enter($studio->id);
            $head = SignOff::query()->orderByDesc('number')->first();
            if ($head !== null && $anchors->of($studio->id) === []) {
                $anchors->append($studio->id, $head->number, $head->hash, baseline: true);
            }
        }

        return self::SUCCESS;
    }
}
