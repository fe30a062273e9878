<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\OutOfRange;

/** A figure at a tier, with its areas and its variations. */
final readonly class Figure
{
    /**
     * @param  float  $size work relative to a foot figure, over 0
     * @param  list<Area>  $areas
     * @param  list<Addition>  $additions
     * @param  list<Waiver>  $waivers
     * @param  list<Choice>  $choices
     * @param  list<NotAskedFor>  $notAskedFor areas agreed as not asked for where the tier is silent
     */
    public function __construct(
        public string $tier,
        public float $size,
        public array $areas,
        public array $additions = [],
        public array $waivers = [],
        public array $choices = [],
        public array $notAskedFor = [],
    ) {
        if ($size <= 0) {
            throw OutOfRange::notOver('size', 0, $size);
        }
    }

    public function tierOf(Area $area): string
    {
        return $area->tier ?? $this->tier;
    }

    public function area(string $id): ?Area
    {
        foreach ($this->areas as $area) {
            if ($area->id === $id) {
                return $area;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function areaIds(): array
    {
        return array_column($this->areas, 'id');
    }

    /** The same figure at another tier; areas with a tier of their own keep it. */
    public function atTier(string $tier): self
    {
        return new self($tier, $this->size, $this->areas, $this->additions, $this->waivers, $this->choices, $this->notAskedFor);
    }

    /**
     * @param  list<Waiver>  $waivers
     * @param  list<Choice>  $choices
     */
    public function withVariations(array $waivers, array $choices): self
    {
        return new self($this->tier, $this->size, $this->areas, $this->additions, $waivers, $choices, $this->notAskedFor);
    }

    /** @param  list<Addition>  $additions */
    public function withAdditions(array $additions): self
    {
        return new self($this->tier, $this->size, $this->areas, $additions, $this->waivers, $this->choices, $this->notAskedFor);
    }

    /** Whether it was agreed that nothing is asked of an area about which its tier is silent. */
    public function isAgreedNotAsked(string $area): bool
    {
        return in_array($area, array_column($this->notAskedFor, 'area'), true);
    }
}
