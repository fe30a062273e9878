<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Duplicate;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\UnknownReference;

/** Whether a figure speaks only of what the standard and it itself have. Pointers are relative to the figure. */
final readonly class FigureCheck
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @throws CoreException at the first name that nothing has, or that stands twice
     */
    public function require(Figure $figure, string $at = ''): void
    {
        if (! $this->standard->hasTier($figure->tier)) {
            throw UnknownReference::tier($figure->tier, $this->standard->tierIds(), "{$at}/tier");
        }
        $this->requireAreas($figure, "{$at}/areas");
        $asked = new Asked($this->standard, $figure);
        $this->requireAdditions($figure, $asked, "{$at}/add");
        $this->requireWaivers($figure, $asked, "{$at}/waive");
        $this->requireChoices($figure, $asked, "{$at}/choose");
    }

    private function requireAreas(Figure $figure, string $at): void
    {
        $seen = [];
        foreach ($figure->areas as $i => $area) {
            if (isset($seen[$area->id])) {
                throw Duplicate::area($area->id, "{$at}/{$i}/id");
            }
            $seen[$area->id] = true;
            if (! $this->standard->hasSurface($area->surface)) {
                throw UnknownReference::surface($area->surface, $this->standard->surfaceIds(), "{$at}/{$i}/surface");
            }
            if ($area->tier !== null && ! $this->standard->hasTier($area->tier)) {
                throw UnknownReference::tier($area->tier, $this->standard->tierIds(), "{$at}/{$i}/tier");
            }
        }
    }

    private function requireAdditions(Figure $figure, Asked $asked, string $at): void
    {
        $taken = [];
        foreach ($figure->additions as $i => $addition) {
            $area = self::area($figure, $addition->area, "{$at}/{$i}/area");
            $taken[$area->id] ??= array_fill_keys(array_column($asked->ofTier($area), 'id'), true);
            if (isset($taken[$area->id][$addition->use->id])) {
                throw Duplicate::use($addition->use->id, "{$at}/{$i}/use");
            }
            $taken[$area->id][$addition->use->id] = true;
        }
    }

    private function requireWaivers(Figure $figure, Asked $asked, string $at): void
    {
        $seen = [];
        foreach ($figure->waivers as $i => $waiver) {
            $area = self::area($figure, $waiver->area, "{$at}/{$i}/area");
            self::useNamed($waiver->use, $asked->ofTier($area), "{$at}/{$i}/use");
            if (isset($seen[$waiver->area][$waiver->use])) {
                throw Duplicate::use($waiver->use, "{$at}/{$i}/use");
            }
            $seen[$waiver->area][$waiver->use] = true;
        }
    }

    private function requireChoices(Figure $figure, Asked $asked, string $at): void
    {
        $seen = [];
        foreach ($figure->choices as $i => $choice) {
            $area = self::area($figure, $choice->area, "{$at}/{$i}/area");
            $offered = [...$asked->ofTier($area), ...array_column($asked->added($area), 'use')];
            $use = self::useNamed($choice->use, $offered, "{$at}/{$i}/use");
            if (isset($seen[$choice->area][$choice->use])) {
                throw Duplicate::use($choice->use, "{$at}/{$i}/use");
            }
            $seen[$choice->area][$choice->use] = true;
            if (! $this->standard->hasTechnique($choice->technique)) {
                throw UnknownReference::technique($choice->technique, $this->standard->techniqueIds(), "{$at}/{$i}/technique");
            }
            if (! $use->leavesMethodOpen() || ! $use->mayTake($choice->technique)) {
                throw NotAChoice::of($use, $choice->technique, "{$at}/{$i}/technique");
            }
        }
    }

    private static function area(Figure $figure, string $id, string $at): Area
    {
        return $figure->area($id) ?? throw UnknownReference::area($id, $figure->areaIds(), $at);
    }

    /** @param  list<TechniqueUse>  $offered */
    private static function useNamed(string $id, array $offered, string $at): TechniqueUse
    {
        foreach ($offered as $use) {
            if ($use->id === $id) {
                return $use;
            }
        }

        throw UnknownReference::use($id, array_column($offered, 'id'), $at);
    }
}
