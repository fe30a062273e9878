<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobMix;
use App\Models\Unit;

/** Locks a row for a change and refuses the change when the row is not as it was read. */
final readonly class Versioned
{
    /**
     * Called within a transaction.
     *
     * @template T of Unit|Figure|Job|Check|Fault|JobMix
     *
     * @param T $row
     * @return T as it is now, its version raised by one once it is saved
     *
     * @throws Stale if its version is another than the one that was read
     */
    public static function lock(Unit|Figure|Job|Check|Fault|JobMix $row, int $versionRead, string $what): Unit|Figure|Job|Check|Fault|JobMix
    {
        $now = $row->newQuery()->lockForUpdate()->findOrFail($row->getKey());
        if ($now->version !== $versionRead) {
            throw Stale::row($what, $now->attributesToArray());
        }
        $now->version++;

        return $now;
    }
}
