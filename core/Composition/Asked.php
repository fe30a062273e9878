<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** What a figure's tiers ask of its areas, before anything is left out. */
final readonly class Asked
{
    public function __construct(
        private Standard $standard,
        private Figure $figure,
    ) {
    }

    public function requirement(Area $area): ?Requirement
    {
        return $this->standard->requirement($this->figure->tierOf($area), $area->surface);
    }

    /** @return list<TechniqueUse> those of the requirement whose piece the area has, whatever is taken from menus */
    public function ofTier(Area $area): array
    {
        return array_values(array_filter(
            $this->requirement($area)->uses ?? [],
            static fn (TechniqueUse $use): bool => $area->has($use->feature),
        ));
    }

    /** @return list<TechniqueUse> those of the requirement that are laid unless waived: of a menu, what the job chose */
    public function taken(Area $area): array
    {
        $taken = $this->requirement($area)?->usesTaken($this->chosen($area)) ?? [];

        return array_values(array_filter($taken, static fn (TechniqueUse $use): bool => $area->has($use->feature)));
    }

    /** Of what the tier asks; an addition is none of it. */
    public function use(Area $area, string $id): ?TechniqueUse
    {
        foreach ($this->ofTier($area) as $use) {
            if ($use->id === $id) {
                return $use;
            }
        }

        return null;
    }

    /** Whether a job has something to choose here: another technique, or what is taken from a menu. */
    public function leavesChoice(Area $area, TechniqueUse $use): bool
    {
        return $use->leavesMethodOpen() || $this->requirement($area)?->menuOf($use->id) !== null;
    }

    /** The technique that a use is laid by: the one chosen where the use has it, else its first. */
    public function technique(Area $area, TechniqueUse $use): string
    {
        foreach ($this->figure->choices as $choice) {
            if ($choice->area === $area->id && $choice->use === $use->id && $use->mayTake($choice->technique)) {
                return $choice->technique;
            }
        }

        return $use->techniques[0];
    }

    /** @return list<string> ids of uses that the job's choices name */
    private function chosen(Area $area): array
    {
        $chosen = array_filter($this->figure->choices, static fn (Choice $choice): bool => $choice->area === $area->id);

        return array_column($chosen, 'use');
    }

    /** @return list<TechniqueUse|Addition> what the tier asks, whatever is taken from menus, and what is added, in the order of laying */
    public function layers(Area $area): array
    {
        $layers = [];
        foreach ([...$this->ofTier($area), null] as $use) {
            foreach ($this->added($area) as $addition) {
                if ($addition->before === $use?->id) {
                    $layers[] = $addition;
                }
            }
            if ($use !== null) {
                $layers[] = $use;
            }
        }

        return $layers;
    }

    /** @return list<Addition> those whose piece the area has */
    public function added(Area $area): array
    {
        return array_values(array_filter(
            $this->figure->additions,
            static fn (Addition $addition): bool => $addition->area === $area->id && $area->has($addition->use->feature),
        ));
    }
}
