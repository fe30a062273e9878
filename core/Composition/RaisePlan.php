<?php

declare(strict_types=1);

namespace Core\Composition;

/** What it takes to raise a finished figure to another tier. */
final readonly class RaisePlan
{
    /** Minutes of all uses and tidies. */
    public float $minutes;

    /**
     * @param  list<RaisedUse>  $uses areas in the figure's order; in an area in the order of laying
     * @param  list<Tidying>  $tidies in the figure's order
     * @param  list<BlockedUse>  $blocked what cannot be added
     */
    public function __construct(
        public array $uses,
        public array $tidies,
        public array $blocked,
    ) {
        $this->minutes = (float) array_sum([...array_column($uses, 'minutes'), ...array_column($tidies, 'minutes')]);
    }
}
