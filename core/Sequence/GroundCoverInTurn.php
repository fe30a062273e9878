<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\Standard\TechniqueGroup;

/**
 * Ground cover early: its messy work before the paint of what is known to border on it, the boots. Last: after all other
 * paint of its part but the rim. Apart is a part of its own, see {@see GroundApart}. Common practice, no source.
 */
final readonly class GroundCoverInTurn implements OrderRule
{
    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->schooled->covers as $ground => $school) {
            $pairs = match ($school->id) {
                'early' => $this->before((string) $ground, $steps),
                'last' => $this->behind((string) $ground, $steps),
                default => [],
            };
            foreach ($pairs as [$before, $after]) {
                yield new OrderWish($before->number, $after->number, OrderForce::School, school: $school);
            }
        }
    }

    /** @return iterable<array{Step, Step}> */
    private function before(string $ground, Steps $steps): iterable
    {
        $neighbours = new Neighbours($steps->type);
        foreach ($steps->paintOn($ground) as $step) {
            // Dust and mud on the ground are laid over it late, with those of the figure.
            foreach ($step->technique->group === TechniqueGroup::Wear ? [] : $step->dirties($steps->type, $neighbours) as $near) {
                foreach ($steps->paintOn($near) as $paint) {
                    if (! $steps->schooled->isGroundCover($paint->area)) {
                        yield [$step, $paint];
                    }
                }
            }
        }
    }

    /** @return iterable<array{Step, Step}> */
    private function behind(string $ground, Steps $steps): iterable
    {
        foreach ($steps->paintOn($ground) as $step) {
            foreach ($steps->all as $other) {
                $isOfFigure = $other->area->part === $step->area->part && $steps->schooled->isOfFigure($other->area);
                if ($isOfFigure && $other->isPaint() && ! $steps->schooled->comesAfterVarnish($other->area)) {
                    yield [$other, $step];
                }
            }
        }
    }
}
