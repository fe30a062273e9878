<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\VersionedRow;
use App\Refusals\Stale;

/** Locks a row for a change and refuses the change when the row is not as it was read. */
final readonly class Versioned
{
    /**
     * Called within a transaction.
     *
     * @template T of VersionedRow
     *
     * @param  T  $row
     * @return T as it is now, its version raised by one once it is saved
     *
     * @throws Stale if its version is another than the one that was read
     */
    public static function lock(VersionedRow $row, int $versionRead, string $what): VersionedRow
    {
        /** @var T $now */
        $now = $row->newQuery()->lockForUpdate()->whereKey($row->id)->firstOrFail();
        if ($now->version !== $versionRead) {
            throw Stale::row($what, $now->attributesToArray());
        }
        $now->version++;

        return $now;
    }
}
