<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;

/** The steps of a composition, by area. */
final readonly class Steps
{
    /** @param  array<array-key, list<Step>>  $byArea in the figure's order; in an area in the order of laying */
    private function __construct(public array $byArea)
    {
    }

    public static function of(Composition $composition, FigureType $type, Standard $standard): self
    {
        $byArea = [];
        foreach ($composition->uses as $laid) {
            $area = $type->area($laid->area->id);
            if ($area !== null) {
                $byArea[$laid->area->id][] = new Step($laid, $area, $standard->technique($laid->technique), count($byArea[$laid->area->id] ?? []));
            }
        }

        return new self($byArea);
    }

    /** @return list<Step> */
    public function all(): array
    {
        return array_merge(...array_values($this->byArea));
    }

    /** @return list<Step> */
    public function on(string $area): array
    {
        return $this->byArea[$area] ?? [];
    }

    /** @return list<list<Step>> the chains of the areas of one surface */
    public function chainsOf(string $surface): array
    {
        return array_values(array_filter(
            $this->byArea,
            static fn (array $chain): bool => ($chain[0] ?? null)?->area->area->surface === $surface,
        ));
    }

    /** @return list<list<Step>> the chains of all areas but the figure as a whole */
    public function chainsOfParts(): array
    {
        return array_values(array_filter(
            $this->byArea,
            static fn (array $chain): bool => ($chain[0] ?? null)?->area->area->surface !== Surface::WHOLE,
        ));
    }

    /** @return list<Step> */
    public function ofGroup(TechniqueGroup $group): array
    {
        return array_values(array_filter($this->all(), static fn (Step $step): bool => $step->technique->group === $group));
    }
}
