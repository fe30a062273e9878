<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\Standard\Extent;
use Core\Standard\Opacity;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/** A use laid on an area, as a step of the work. */
final readonly class Step
{
    /**
     * @param  int  $number in the order of composition, from 0
     * @param  list<TypeArea>  $afterVarnish metals that come last, and what sits on them
     */
    public function __construct(
        public int $number,
        public ComposedUse $laid,
        public TypeArea $area,
        public Technique $technique,
        private array $afterVarnish = [],
    ) {
    }

    /** The step in words: technique, then area. */
    public function name(): string
    {
        return "{$this->technique->name}, {$this->area->area->id}";
    }

    public function isOfWhole(): bool
    {
        return $this->area->area->surface === Surface::WHOLE;
    }

    /** Whether it is laid in or comes later than what is: from then on the area can be soiled. */
    public function isPaint(): bool
    {
        return ! $this->technique->group->isBefore(TechniqueGroup::LayIn);
    }

    /** Whether it hides all of what is on its area, so that what soiled it before is gone. */
    public function coversAll(): bool
    {
        return $this->technique->hides($this->laid->use);
    }

    /** Whether it is laid again where its area was soiled, with all that lies on it. */
    private function isLaidAgain(): bool
    {
        return in_array($this->technique->group, [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light, TechniqueGroup::Detail], true);
    }

    /**
     * Minutes of what is laid again where its area was soiled, once it lies there.
     *
     * @param  float  $before it lay there
     */
    public function laidAgainAfter(float $before): float
    {
        return $this->isLaidAgain() ? ($this->technique->opacity === Opacity::Opaque ? 0.0 : $before) + $this->laid->minutes : $before;
    }

    /** Whether it is laid on an area: its own, or one that a use of the figure as one is not kept off. */
    public function liesOn(TypeArea $area): bool
    {
        return $this->isOfWhole() ? ! $this->spares($area) : $area->area->id === $this->area->area->id;
    }

    /** @return list<string> areas that it soils if there is paint on them: the known neighbours of its part, if it is messy */
    public function dirties(FigureType $type, Neighbours $neighbours): array
    {
        return $this->technique->messy && ! $this->isOfWhole()
            ? array_values(array_filter($neighbours->of($this->area->area->id), fn (string $near): bool => $type->area($near)?->part === $this->area->part))
            : [];
    }

    /** Whether it is a finish of all that is there: the matt varnish, not a gloss on what is wet. */
    public function isVarnish(): bool
    {
        return $this->technique->group === TechniqueGroup::Finish && $this->laid->use->extent === Extent::Every;
    }

    /** Whether a use of the figure as one is kept off an area. */
    public function spares(TypeArea $area): bool
    {
        return $this->laid->use->overAll?->spares($area->area->surface) === true || in_array($area->area->id, $this->keptOff(), true);
    }

    /** @return list<string> areas that it is kept off by a school, though the standard does not say so: metals that come last keep their shine */
    public function keptOff(): array
    {
        return $this->isOfWhole() && $this->isVarnish() ? array_map(static fn (TypeArea $area): string => $area->area->id, $this->afterVarnish) : [];
    }
}
