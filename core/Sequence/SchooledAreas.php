<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\Standard\Extent;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;

/**
 * What the schools of a standard say of the areas of a figure: when its metals are painted, and when its ground is covered.
 * A metal that sits on something else, a buckle on a strap, waits for that whatever the school.
 */
final readonly class SchooledAreas
{
    /**
     * @param  array<array-key, SchoolChoice>  $metals by area, when they are painted
     * @param  array<array-key, SchoolChoice>  $covers by area of the ground, when it is covered
     * @param  array<array-key, true>  $below areas of the ground and of its rim
     * @param  array<array-key, true>  $afterVarnish metals that come last, and what sits on them
     */
    private function __construct(
        public array $metals,
        public array $covers,
        private array $below,
        private array $afterVarnish,
    ) {
    }

    public static function of(FigureType $type, Standard $standard): self
    {
        $metals = $covers = $below = $last = [];
        foreach ($type->areas as $area) {
            $id = $area->area->id;
            $surface = $standard->surface($area->area->surface);
            $schools = $standard->schoolsOf($area->area);
            if ($surface->isMetal() && self::sitsOnMetalAlone($area, $type, $standard)) {
                $metals[$id] = $schools->taken(SchoolQuestion::Metals);
            }
            if ($surface->isGroundCover()) {
                $covers[$id] = $schools->taken(SchoolQuestion::GroundCover);
            }
            if ($surface->isGroundCover() || $surface->isRim()) {
                $below[$id] = true;
            }
        }
        $metals = array_filter($metals);
        foreach ($type->areas as $area) {
            if (self::sitsOnLastMetal($area, $type, $metals)) {
                $last[$area->area->id] = true;
            }
        }

        return new self($metals, array_filter($covers), $below, $last);
    }

    /** Whether an area is of the figure itself: not what it stands on, nor the figure as one. */
    public function isOfFigure(TypeArea $area): bool
    {
        return $area->area->surface !== Surface::WHOLE && ! isset($this->below[$area->area->id]);
    }

    public function isMetal(TypeArea $area): bool
    {
        return isset($this->metals[$area->area->id]);
    }

    public function isGroundCover(TypeArea $area): bool
    {
        return isset($this->covers[$area->area->id]);
    }

    /** Whether a use of the figure as one is a varnish that is left off an area for that reason. */
    public function isVarnishKeptOff(ComposedUse $use, TypeArea $area, Standard $standard): bool
    {
        return $use->area->surface === Surface::WHOLE && $standard->technique($use->technique)->group === TechniqueGroup::Finish
            && $use->use->extent === Extent::Every && $this->comesAfterVarnish($area);
    }

    /** Metals that come last, and what sits on them: varnish over the whole figure is laid before them and left off them. */
    public function comesAfterVarnish(TypeArea $area): bool
    {
        return isset($this->afterVarnish[$area->area->id]);
    }

    /** @return array<string, mixed> all that it says, equal where it says the same */
    public function asRead(): array
    {
        $id = static fn (SchoolChoice $choice): string => $choice->id;

        return ['metals' => array_map($id, $this->metals), 'covers' => array_map($id, $this->covers), 'below' => $this->metals === [] && $this->covers === [] ? [] : $this->below];
    }

    private static function sitsOnMetalAlone(TypeArea $area, FigureType $type, Standard $standard): bool
    {
        foreach (self::under($area, $type) as $host) {
            if (! $standard->surface($host->area->surface)->isMetal()) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<array-key, SchoolChoice>  $metals */
    private static function sitsOnLastMetal(TypeArea $area, FigureType $type, array $metals): bool
    {
        foreach ([$area, ...self::under($area, $type)] as $one) {
            if (($metals[$one->area->id] ?? null)?->id === 'last') {
                return true;
            }
        }

        return false;
    }

    /** @return list<TypeArea> what an area sits on, and what that sits on */
    private static function under(TypeArea $area, FigureType $type): array
    {
        $under = [];
        for ($host = $area->on; $host !== null && ! isset($under[$host]); $host = $one->on) {
            $one = $type->area($host);
            if ($one === null) {
                break;
            }
            $under[$host] = $one;
        }

        return array_values($under);
    }
}
