<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Models\Fault as FaultRow;
use Core\Check\FoundFault;
use Core\Check\Zone;
use Core\Standard\Severity;

/** Stored faults as the core knows them. */
final readonly class FaultsAsFound
{
    public static function core(FaultRow $row): FoundFault
    {
        return new FoundFault(
            $row->kind,
            $row->severity === null ? null : Severity::from($row->severity),
            $row->side,
            $row->zone === null ? null : Zone::from($row->zone),
            $row->size_mm,
            $row->waived_at !== null,
        );
    }
}
