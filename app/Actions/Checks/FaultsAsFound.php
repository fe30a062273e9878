<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Models\Fault as FaultRow;
use Core\Check\BrokenFault;
use Core\Check\CriterionFault;
use Core\Check\Fault;
use Core\Check\FlawFault;
use Core\Check\MissingFault;
use Core\Check\Zone;
use Core\Standard\Severity;
use Core\Standard\Side;

/** Stored faults as the core weighs them. */
final readonly class FaultsAsFound
{
    public static function core(FaultRow $row): Fault
    {
        $waived = $row->waived_at !== null;
        $side = $row->side === null ? null : Side::from($row->side);

        return match ($row->kind) {
            'criterion' => new CriterionFault(Severity::from($row->severity ?? 'critical'), $side, $waived),
            'missing' => new MissingFault(Severity::Critical, $side, $waived),
            'flaw' => new FlawFault($row->size_mm ?? 0.0, Zone::from($row->zone ?? 'plain'), $side ?? Side::Front, null, $waived),
            default => new BrokenFault($waived),
        };
    }
}
