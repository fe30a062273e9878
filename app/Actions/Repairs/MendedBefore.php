<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use App\Models\Check;
use App\Models\Fault;
use App\Models\Mending;
use App\Models\Mishap;
use App\Models\MishapEnd;

/** Whether an area of a figure was mended before. */
final readonly class MendedBefore
{
    /** @param  Fault|null  $but a fault that is not meant */
    public static function afterACheck(int $figureId, string $area, ?Fault $but = null): bool
    {
        $faults = Fault::query()->whereIn('check_id', Check::query()->where('figure_id', $figureId)->select('id'))->where('area', $area)
            ->when($but !== null, static fn ($faults) => $faults->whereKeyNot($but?->id));

        return Mending::query()->whereIn('fault_id', $faults->select('id'))->exists();
    }

    public static function atTheBench(int $figureId, string $area): bool
    {
        return Mishap::query()->where('figure_id', $figureId)->where('area', $area)->where('ended', MishapEnd::Mended)->exists();
    }
}
