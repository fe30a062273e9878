<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Composing\ComposedFigure;

/** An area of figures that are painted alike, and how it could be lifted step by step. */
final readonly class EffortPlace
{
    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  bool  $isUnit whether they are all of their unit
     * @param  string  $from tier that it is at
     * @param  list<EffortRung>  $rungs tiers above that, the lowest first
     */
    public function __construct(
        public array $figures,
        public bool $isUnit,
        public string $area,
        public string $from,
        public array $rungs,
    ) {
    }
}
