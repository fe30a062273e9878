<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\SignOffs\ContainsHead;
use App\Models\CurrentStudio;
use App\Models\Studio;
use Illuminate\Console\Command;

/** Says whether the chain of a studio still contains what stands on a certificate. */
final class FindHead extends Command
{
    protected $signature = 'records:contains {studio : name of the studio} {number : of the record} {seal : as on the certificate}';

    protected $description = 'Look for a record by its number and seal';

    public function handle(CurrentStudio $current): int
    {
        $studio = Studio::query()->where('name', $this->argument('studio'))->first();
        if ($studio === null) {
            $this->error('There is no studio of this name.');

            return self::FAILURE;
        }
        $current->enter($studio->id);
        $fault = ContainsHead::fault((int) $this->argument('number'), $this->argument('seal'));
        $fault === null ? $this->info('The chain contains this record, as it was sealed.') : $this->error($fault);

        return $fault === null ? self::SUCCESS : self::FAILURE;
    }
}
