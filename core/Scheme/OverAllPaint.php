<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\OverAllOrder;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Plate\Zone;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** What is laid over the figure as one, in the colours that its scheme has for it; each of its areas gets it. */
final readonly class OverAllPaint
{
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
                $colours[OverAllOrder::OF_WHOLE.$step->use->use->id][$step->step] = $colour;
            }
        }

        return new self(array_map(static fn (ComposedUse $use): TechniqueUse => $use->use->named(OverAllOrder::OF_WHOLE.$use->use->id), $uses), $colours);
    }

    /**
     * The same, with another colour for one step.
     *
     * @param  string  $use id of a use of the figure as one
     * @param  int  $step from 1
     */
    public function with(string $use, int $step, Srgb $colour): self
    {
        $of = OverAllOrder::OF_WHOLE.$use;

        return new self($this->uses, [$of => [$step => $colour] + ($this->colours[$of] ?? [])] + $this->colours);
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

    /**
     * What is seen of the tone of an area's faces through what is laid over the figure as one after it. What has no
     * colour in the scheme changes nothing.
     *
     * @param  list<TechniqueUse>  $among uses of the area with these among them, see {@see self::among()}
     * @param  string  $last id of the use of the area that leaves the tone
     */
    public function over(Srgb $tone, array $among, string $last, Standard $standard): Srgb
    {
        if ($this->colours === []) {
            return $tone;
        }
        $after = (int) array_search($last, array_column($among, 'id'), true) + 1;
        $later = array_filter(array_slice($among, $after), fn (TechniqueUse $use): bool => isset($this->colours[$use->id]));
        $faces = new Palette($tone, $tone, $tone, [$tone], $tone, $this->colours);

        return (new PlateMaker($standard))->make(array_values($later), $faces)->colourAt(Zone::Face) ?? $tone;
    }
}
