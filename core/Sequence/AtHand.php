<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\TechniqueGroup;

/**
 * Which colours to have ready at a step, so that a slip is mended at once: of the layer below, and of the neighbours that
 * have their colour already. Of unknown neighbours there is none. Common practice, no source.
 */
final readonly class AtHand
{
    /**
     * @param  int|null  $below the layer that the step lies on; null: there is none
     * @param  array<string, int>  $neighbours by area, the last that was laid in there
     */
    private function __construct(
        public ?int $below,
        public array $neighbours,
    ) {
    }

    /** @param  list<PlannedStep|TidyBack>  $items of a figure, in order */
    public static function at(int $step, array $items, FigureType $type): self
    {
        $item = $items[$step];
        $area = $item instanceof TidyBack ? $item->area : $item->step->area;
        if ($item instanceof PlannedStep && $item->step->isOfWhole()) {
            return new self(null, []);
        }
        $near = (new Neighbours($type))->of($area->area->id);
        $below = null;
        $neighbours = [];
        foreach (array_slice($items, 0, $step) as $at => $before) {
            if ($before instanceof TidyBack || $before->step->technique->look || ! $before->step->technique->group->leavesColour()) {
                continue;
            }
            $below = $before->step->liesOn($area) ? $at : $below;
            $on = $before->step->area->area->id;
            if (in_array($on, $near, true) && $before->step->technique->group === TechniqueGroup::LayIn) {
                $neighbours[$on] = $at;
            }
        }

        return new self($below, $neighbours);
    }
}
