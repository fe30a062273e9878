<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\OverAllOrder;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;

/**
 * What is laid over the whole figure comes after what stands before its stage on each area that it does not spare, and
 * before the rest of it.
 */
final readonly class WholeAtItsStage implements OrderRule
{
    public function __construct(private Standard $standard)
    {
    }

    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->onSurface(Surface::WHOLE) as $whole) {
            foreach ($steps->byArea as $chain) {
                if ($chain[0]->area->area->surface !== Surface::WHOLE && ! $whole->spares($chain[0]->area)) {
                    yield from $this->around($whole, $chain);
                }
            }
        }
    }

    /**
     * @param  non-empty-list<Step>  $chain of an area
     * @return iterable<OrderWish>
     */
    private function around(Step $whole, array $chain): iterable
    {
        $stage = $whole->laid->use->overAll->stage ?? $this->standard->technique($whole->laid->use->techniques[0])->group;
        $split = OverAllOrder::split($stage, array_map(static fn (Step $step): Technique => $step->technique, $chain));
        foreach ($chain as $at => $step) {
            yield $at < $split
                ? new OrderWish($step->number, $whole->number, OrderForce::Whole)
                : new OrderWish($whole->number, $step->number, OrderForce::Whole);
        }
    }
}
