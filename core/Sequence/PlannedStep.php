<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\School\SchoolChoice;

/** A step in its place, with what had to come before it and what its place saves. */
final readonly class PlannedStep
{
    /**
     * @param  list<After>  $after what follows from the others is left out
     * @param  list<Saved>  $saves where nothing but that decided it
     * @param  Step|null  $wetInto the step just before it, into whose wet paint it is laid on each figure; null: it waits till all is dry
     * @param  Step|null  $then the step just behind it, which is laid into it while it is wet
     * @param  SchoolChoice|null  $ahead the school by which other paint waits for it; null: by none
     * @param  list<Step>  $inOneGo steps on other areas that are laid with it, alike and with one paint; it is among them; none where it is laid by itself
     */
    public function __construct(
        public Step $step,
        public array $after,
        public array $saves = [],
        public ?Step $wetInto = null,
        public ?Step $then = null,
        public ?SchoolChoice $ahead = null,
        public array $inOneGo = [],
    ) {
    }

    /** @return list<string> ids of areas that it lies on */
    public function areasIn(FigureType $type): array
    {
        return array_map(static fn (TypeArea $area): string => $area->area->id, array_values(array_filter($type->areas, $this->step->liesOn(...))));
    }
}
