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
        $order = new OverAllOrder($this->standard);
        $whole = $tier === null || $surface === Surface::WHOLE ? null : $this->standard->requirement($tier, Surface::WHOLE);

        return (new PlateMaker($this->standard))->make(
            $order->among($uses, $order->seen($whole?->included() ?? []), $surface),
            Palette::neutral($this->standard->schoolsOn($surface)->choice(SchoolQuestion::Ground)),
        );
    }
}
