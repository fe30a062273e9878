<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use App\Actions\Bench\BenchSheet;
use App\Models\Figure;
use App\Models\MarkState;
use App\Refusals\NotRight;
use Core\Composition\ComposedUse;
use Core\Rework\MishapKind;
use Core\Rework\PaintedArea;
use Core\Sequence\SchooledAreas;

/** What is laid again after a mishap at the bench: of what is on the figure by now, with its paints and minutes. */
final readonly class RepairMishap
{
    /**
     * @param  BenchSheet  $sheet the one that the figure is on
     * @param  string|null  $layer the one at fault, see {@see PaintedArea}; null: as is usual of the kind
     * @param  float  $share of the area, over 0 to 1
     *
     * @throws NotRight if the figure has no such area, or nothing is painted there yet
     */
    public function handle(BenchSheet $sheet, Figure $figure, string $area, MishapKind $kind, ?string $layer, float $share): Repair
    {
        $composed = $sheet->of($figure->id);
        $place = $composed->type->area($area) ?? throw NotRight::at('/area', 'unknown-area', "The figure has no area \"{$area}\"; choose one of its own.");
        $schooled = SchooledAreas::of($composed->type, $sheet->standard);
        $painted = PaintedArea::of($composed->layers(), $place, $sheet->standard, static function (ComposedUse $use) use ($composed, $sheet, $figure, $schooled, $place): bool {
            $step = $sheet->step($figure->id, $use->area->id, $use->use->id);

            return ! $schooled->isVarnishKeptOff($use, $place, $sheet->standard)
                && ($composed->wasThere($use->use, $use->area->id) || ($step !== null && $sheet->mark($step, $figure->id)?->state === MarkState::Done));
        });
        if ($painted->uses === []) {
            throw NotRight::at('/area', 'no-layers', "Nothing is marked as painted on \"{$area}\" yet: wipe it off and go on.");
        }
        $in = $layer ?? $painted->suggested($kind->lies(), $sheet->standard);
        $isSecond = $place->focal && (MendedBefore::atTheBench($figure->id, $area) || MendedBefore::afterACheck($figure->id, $area));

        return new Repair($painted, $sheet->standard, $sheet->mixesOn($figure->id), $in, $share, $painted->again($in, false, '/layer'), $isSecond, $kind->fresh(), $kind->instead());
    }
}
