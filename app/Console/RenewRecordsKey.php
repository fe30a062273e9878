<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\SignOffs\Keyring;
use Illuminate\Console\Command;

/** Makes another key for the records to come. */
final class RenewRecordsKey extends Command
{
    protected $signature = 'records:renew-key';

    protected $description = 'Sign records with another key from now on';

    public function handle(Keyring $keys): int
    {
        $this->info("Records are signed with the key {$keys->renew()} from now on; those signed before stay verified.");

        return self::SUCCESS;
    }
}
