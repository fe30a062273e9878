<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\TechniqueGroup;

/** Teeth and eyes on a face, a gem in its setting: painted after what they sit on is laid in, shaded and lit. */
final readonly class WhatItSitsOnFirst implements OrderRule
{
    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->byArea as $chain) {
            $host = $chain[0]->area->on;
            foreach ($host === null ? [] : $steps->on($host) as $under) {
                if (! in_array($under->technique->group, [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light], true)) {
                    continue;
                }
                foreach ($chain as $step) {
                    if ($step->isPaint()) {
                        yield new OrderWish($under->number, $step->number, OrderForce::On);
                    }
                }
            }
        }
    }
}
