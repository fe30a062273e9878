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
    /** @param  string|null  $raisedTo a tier that the figure is raised to: what it asks may be named too */
    public function __construct(
        private Standard $standard,
        private ?string $raisedTo = null,
    ) {
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
        $asked = [new Asked($this->standard, $figure)];
        $this->requireAdditions($figure, $asked[0], "{$at}/add");
        if ($this->raisedTo !== null) {
            $asked[] = new Asked($this->standard, $figure->atTier($this->raisedTo));
        }
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

    /** @param  non-empty-list<Asked>  $asked at each tier that may be named */
    private function requireWaivers(Figure $figure, array $asked, string $at): void
    {
        $seen = [];
        foreach ($figure->waivers as $i => $waiver) {
            $area = self::area($figure, $waiver->area, "{$at}/{$i}/area");
            $offered = array_merge(...array_map(static fn (Asked $one): array => $one->ofTier($area), $asked));
            self::named($waiver->use, $offered, "{$at}/{$i}/use");
            if (isset($seen[$waiver->area][$waiver->use])) {
                throw Duplicate::use($waiver->use, "{$at}/{$i}/use");
            }
            $seen[$waiver->area][$waiver->use] = true;
        }
    }

    /** @param  non-empty-list<Asked>  $asked at each tier that may be named */
    private function requireChoices(Figure $figure, array $asked, string $at): void
    {
        $seen = [];
        foreach ($figure->choices as $i => $choice) {
            $area = self::area($figure, $choice->area, "{$at}/{$i}/area");
            $offered = array_merge(array_column($asked[0]->added($area), 'use'), ...array_map(static fn (Asked $one): array => $one->ofTier($area), $asked));
            $named = self::named($choice->use, $offered, "{$at}/{$i}/use");
            if (isset($seen[$choice->area][$choice->use])) {
                throw Duplicate::use($choice->use, "{$at}/{$i}/use");
            }
            $seen[$choice->area][$choice->use] = true;
            if (! $this->standard->hasTechnique($choice->technique)) {
                throw UnknownReference::technique($choice->technique, $this->standard->techniqueIds(), "{$at}/{$i}/technique");
            }
            if (! self::isOffered($choice, $area, $named, $asked)) {
                throw NotAChoice::of($named[0], $choice->technique, "{$at}/{$i}/technique");
            }
        }
    }

    /**
     * @param  non-empty-list<TechniqueUse>  $named
     * @param  non-empty-list<Asked>  $asked
     */
    private static function isOffered(Choice $choice, Area $area, array $named, array $asked): bool
    {
        foreach ($named as $use) {
            $leaves = array_filter($asked, static fn (Asked $one): bool => $one->leavesChoice($area, $use));
            if ($leaves !== [] && $use->mayTake($choice->technique)) {
                return true;
            }
        }

        return false;
    }

    private static function area(Figure $figure, string $id, string $at): Area
    {
        return $figure->area($id) ?? throw UnknownReference::area($id, $figure->areaIds(), $at);
    }

    /**
     * @param  list<TechniqueUse>  $offered
     * @return non-empty-list<TechniqueUse>
     */
    private static function named(string $id, array $offered, string $at): array
    {
        $named = array_values(array_filter($offered, static fn (TechniqueUse $use): bool => $use->id === $id));

        return $named === [] ? throw UnknownReference::use($id, array_values(array_unique(array_column($offered, 'id'))), $at) : $named;
    }
}
