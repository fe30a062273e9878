<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\WorkedOn;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice;
use App\Models\Unit;
use App\Models\Variation;
use App\Refusals\NotAllowed;

/** A unit of which no figure is left goes, with what was agreed of it. */
final readonly class EmptiedUnit
{
    /** What speaks of areas of a unit or of figures of it, and goes with them. */
    public const AGREED = [AreaTier::class, AreaSchool::class, Variation::class, Choice::class];

    /** @throws NotAllowed if minutes were worked on it */
    public static function take(Unit $unit): void
    {
        WorkedOn::requireNoTimeOf($unit);
        foreach (self::AGREED as $agreed) {
            $agreed::query()->where('unit_id', $unit->id)->delete();
        }
        $unit->delete();
    }
}
