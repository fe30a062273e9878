<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\OverAllOrder;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** What is laid over the figure as one, in the colours that its scheme has for it; each of its areas gets it. */
final readonly class OverAllPaint
{
    /** Before the id of a use of the whole where it stands among those of an area, which may have the same. */
    private const OF_WHOLE = 'whole/';

    /**
     * @param  list<TechniqueUse>  $uses
     * @param  array<string, array<int, Srgb>>  $colours by use and step from 1; what the scheme says nothing of has none
     */
    private function __construct(
        public array $uses,
        public array $colours,
    ) {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<ComposedUse>  $uses of the figure as one
     * @param  list<TierStep>  $steps of them, with what the scheme paints them with; none where it says nothing of them
     */
    public static function of(array $uses, array $steps): self
    {
        $colours = [];
        foreach ($steps as $step) {
            $colour = $step->recipe?->colour();
            if ($colour !== null) {
                $colours[self::OF_WHOLE.$step->use->use->id][$step->step] = $colour;
            }
        }

        return new self(array_map(static fn (ComposedUse $use): TechniqueUse => $use->use->named(self::OF_WHOLE.$use->use->id), $uses), $colours);
    }

    /**
     * The uses of an area with those of these that leave a colour among them, in the order of laying.
     *
     * @param  list<TechniqueUse>  $uses
     * @return list<TechniqueUse>
     */
    public function among(array $uses, string $surface, Standard $standard): array
    {
        $order = new OverAllOrder($standard);

        return $order->among($uses, $order->seen($this->uses), $surface);
    }
}
