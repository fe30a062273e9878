<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\TechniqueGroup;

/**
 * Metals first: laid in, shaded and lit before other paint of their part, so that a slip of theirs is covered by what comes
 * next. Metals last: after all other paint of their part and after the varnish, which is left off them. What sits on a metal
 * comes after it in either case. Common practice, no source.
 */
final readonly class MetalsInTurn implements OrderRule
{
    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->schooled->metals as $metal => $school) {
            foreach ($steps->paintOn((string) $metal) as $step) {
                foreach ($school->id === 'first' ? $this->behind($step, $steps) : $this->before($step, $steps) as [$before, $after]) {
                    yield new OrderWish($before->number, $after->number, OrderForce::School, school: $school);
                }
            }
        }
    }

    /** @return iterable<array{Step, Step}> */
    private function behind(Step $metal, Steps $steps): iterable
    {
        if (! in_array($metal->technique->group, [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light], true)) {
            return;
        }
        foreach ($this->others($metal, $steps) as $paint) {
            yield [$metal, $paint];
        }
    }

    /** @return iterable<array{Step, Step}> */
    private function before(Step $metal, Steps $steps): iterable
    {
        foreach ($this->others($metal, $steps) as $paint) {
            if (! $steps->schooled->comesAfterVarnish($paint->area)) {
                yield [$paint, $metal];
            }
        }
        foreach ($steps->all as $step) {
            if ($step->isVarnish() && ! $step->liesOn($metal->area)) {
                yield [$step, $metal];
            }
        }
    }

    /** @return iterable<Step> paint of the other areas of the figure that are no metal, in the same part */
    private function others(Step $metal, Steps $steps): iterable
    {
        foreach ($steps->byArea as $area => $chain) {
            $other = $chain[0]->area;
            if ($other->part === $metal->area->part && $steps->schooled->isOfFigure($other) && ! $steps->schooled->isMetal($other)) {
                yield from $steps->paintOn((string) $area);
            }
        }
    }
}
