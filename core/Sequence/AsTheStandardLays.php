<?php

declare(strict_types=1);

namespace Core\Sequence;

/** Within an area the requirement's own order governs. */
final readonly class AsTheStandardLays implements OrderRule
{
    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->byArea as $chain) {
            for ($i = 1; $i < count($chain); $i++) {
                yield new OrderWish($chain[$i - 1]->number, $chain[$i]->number, OrderForce::Standard);
            }
        }
    }
}
