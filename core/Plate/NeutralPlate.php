<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Composition\OverAllOrder;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueUse;

/** How a surface comes out without a scheme: in greys, over the ground that the studio holds to, with what its tier lays over the whole figure. */
final readonly class NeutralPlate
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @param  list<TechniqueUse>  $uses in the order of laying
     * @param  string|null  $tier whose work on the whole figure is laid too; null: none
     */
    public function of(string $surface, array $uses, ?string $tier): Plate
    {
        $laid = (new OverAllOrder($this->standard))->among($uses, $this->overAll($surface, $tier), $surface);

        return (new PlateMaker($this->standard))->make($laid, Palette::neutral($this->standard->schoolsOn($surface)->choice(SchoolQuestion::Ground)));
    }

    /** @return list<TechniqueUse> what leaves a colour; cleaning and varnish are shown on the plate of the figure as one */
    private function overAll(string $surface, ?string $tier): array
    {
        $whole = $tier === null || $surface === Surface::WHOLE ? null : $this->standard->requirement($tier, Surface::WHOLE);

        return array_values(array_filter($whole?->included() ?? [], fn (TechniqueUse $use): bool => $this->standard->technique($use->techniques[0])->group->leavesColour()));
    }
}
