<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Mixes;
use App\Actions\Repairs\MendedBefore;
use App\Actions\Repairs\Repair;
use App\Models\Fault;
use App\Refusals\NotRight;
use Core\Check\FaultKind;
use Core\Check\FlawKind;
use Core\Check\ItemKind;
use Core\Composition\ComposedUse;
use Core\Rework\MishapKind;
use Core\Rework\PaintedArea;
use Core\Sequence\SchooledAreas;
use Core\Standard\TechniqueGroup;

/** What is laid again to mend a fault: which layers, with what, and for how long. */
final readonly class RepairFault
{
    /** A tenth: most faults are smaller than the area, and larger than themselves by the time they are mended. */
    private const USUAL_SHARE = 0.1;

    public function __construct(
        private ReadCheck $reading,
        private Mixes $mixes,
    ) {
    }

    /**
     * @param  string|null  $layer the one at fault, see {@see PaintedArea}; null: as the fault itself suggests
     * @param  float|null  $share of the area, 0 to 1; null: as is usual, and all of it where it was not done
     *
     * @throws NotRight if nothing is painted where the fault is
     */
    public function handle(Fault $fault, ?string $layer, ?float $share): Repair
    {
        $share ??= $fault->kind === FaultKind::Missing ? 1.0 : self::USUAL_SHARE;
        $reading = $this->reading->handle($fault->check);
        $area = $reading->composed->type->area($fault->area) ?? throw NotRight::at('/area', 'no-layers', 'This fault lies on no area of the figure, so no paint is laid again for it.');
        $schooled = SchooledAreas::of($reading->composed->type, $reading->standard);
        $painted = PaintedArea::of($reading->composed->layers(), $area, $reading->standard, static fn (ComposedUse $use): bool => self::isLeftOut($use, $fault)
            || (($reading->marks[$use->key()] ?? null)?->state->excuse() === null && ! $schooled->isVarnishKeptOff($use, $area, $reading->standard)));
        if ($painted->uses === []) {
            throw NotRight::at('/area', 'no-layers', "Nothing is painted on \"{$fault->area}\", so nothing is laid again there.");
        }
        $in = $layer ?? $this->suggested($fault, $reading, $painted);
        $again = $painted->again($in, $fault->kind === FaultKind::Missing, '/layer');

        return new Repair($painted, $reading->standard, $this->mixes->of($reading->composed), $in, $share, $again, $area->focal && (MendedBefore::atTheBench($fault->check->figure_id, $fault->area) || MendedBefore::afterACheck($fault->check->figure_id, $fault->area, $fault)), $in === PaintedArea::ON_TOP ? MishapKind::Overspill->fresh() : '');
    }

    /** Whether a use is what was handed over undone and should have been done. */
    private static function isLeftOut(ComposedUse $use, Fault $fault): bool
    {
        return $fault->item === ItemKind::Excused && $use->area->id === $fault->area && $use->use->id === $fault->criterion;
    }

    /** The layer that was left out, the one that the sentence judges, or that such a flaw usually lies in; empty: foreign paint on top. */
    private function suggested(Fault $fault, CheckReading $reading, PaintedArea $painted): string
    {
        foreach ($painted->uses as $id => $use) {
            if (self::isLeftOut($use, $fault)) {
                return (string) $id;
            }
        }
        foreach ($reading->composed->composition->criteria as $asked) {
            if ($asked->area->id === $fault->area && $asked->criterion->id === $fault->criterion) {
                foreach ($asked->criterion->uses ?? [] as $use) {
                    if (isset($painted->uses[$use])) {
                        return $use;
                    }
                }
            }
        }
        $group = match (true) {
            $fault->flaw === FlawKind::Overspill, $fault->flaw === FlawKind::StrayDot => null,
            $fault->flaw === FlawKind::WideLine => TechniqueGroup::Light,
            $fault->kind === FaultKind::Criterion, $fault->flaw === FlawKind::Patch => TechniqueGroup::LayIn,
            default => null,
        };

        return $painted->lastOf($group, $reading->standard);
    }
}
