<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Figure;
use App\Models\Unit;
use App\Refusals\NotRight;
use Core\Composition\FittingAdditions;
use Core\Composition\OfferedAddition;
use Core\Standard\Standard;

/** What of other tiers could be added on an area of a unit, or of one figure of it. */
final readonly class FurtherUses
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    /**
     * @param  Figure|null  $figure null: as on the first of the unit that is nothing by itself
     * @return list<OfferedAddition>
     */
    public function of(Unit $unit, ?Figure $figure, string $area): array
    {
        $composed = $this->one($unit, $figure);
        $place = $composed->figure->area($area) ?? throw NotRight::at('/area', 'unknown-area', "These figures have no area \"{$area}\".");

        return (new FittingAdditions($this->standard($unit)))->offered($composed->figure, $place);
    }

    public function standard(Unit $unit): Standard
    {
        return $this->standards->of($unit->job);
    }

    private function one(Unit $unit, ?Figure $figure): ComposedFigure
    {
        $all = $this->figures->ofUnit($unit);
        foreach ($all as $composed) {
            if ($figure === null ? $composed->row->tierId === null : $composed->id === $figure->id) {
                return $composed;
            }
        }

        return $all[0] ?? throw NotRight::at('/figure_id', 'no-figures', 'This unit has no figures.');
    }
}
