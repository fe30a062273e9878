<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Surface;

/** What is painted on a figure and what is asked of it. */
final readonly class Composition
{
    /**
     * @param  list<ComposedUse>  $uses areas in the figure's order; in an area in the order of laying, additions last
     * @param  list<ComposedCriterion>  $criteria likewise
     * @param  list<string>  $undecided areas whose surface the tier is silent about
     * @param  list<string>  $notAsked areas of which the tier asks nothing
     * @param  float  $minutes sum over the uses
     */
    public function __construct(
        public array $uses,
        public array $criteria,
        public array $undecided,
        public array $notAsked,
        public float $minutes,
    ) {
    }

    /** @return list<ComposedUse> */
    public function usesOn(string $area): array
    {
        return array_values(array_filter($this->uses, static fn (ComposedUse $use): bool => $use->area->id === $area));
    }

    /** @return list<ComposedUse> of the figure as one */
    public function usesOfWhole(): array
    {
        return array_values(array_filter($this->uses, static fn (ComposedUse $use): bool => $use->area->surface === Surface::WHOLE));
    }

    /** Minutes with every coat and step that may be laid. */
    public function minutesAtMost(): float
    {
        return array_sum(array_map(static fn (ComposedUse $use): float => $use->minutesAtMost(), $this->uses));
    }

    /** Equal for two figures on which the same is painted to the same degree, and of which the same is asked. */
    public function signature(): string
    {
        $asked = array_map(
            static fn (ComposedCriterion $criterion): array => [$criterion->area->id, $criterion->criterion->id],
            $this->criteria,
        );
        $laid = array_map(static fn (ComposedUse $use): string => $use->key(), $this->uses);

        return hash('sha256', json_encode([$laid, $asked, $this->undecided], JSON_THROW_ON_ERROR));
    }
}
