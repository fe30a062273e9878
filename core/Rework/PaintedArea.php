<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\OverAllOrder;
use Core\Composition\TypeArea;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/** What was laid on one area of a figure, work on the whole figure among it, as layers that can be laid again. */
final readonly class PaintedArea
{
    /** What lies under all paint, where the standard lays none. */
    private const BARE = 'ground/';

    /** Over the last ground. */
    public AreaLayers $layers;

    /**
     * @param  array<string, ComposedUse>  $uses by the id of the layer, in the order of laying; the ground among them where one is laid
     * @param  array<string, float>  $minutes on this area, by the id of the layer
     */
    private function __construct(
        public array $uses,
        array $minutes,
        Standard $standard,
    ) {
        $layers = [];
        $ground = new Layer(self::BARE, Opacity::Opaque, 0.0);
        foreach ($uses as $id => $use) {
            $technique = $standard->technique($use->technique);
            if ($technique->group === TechniqueGroup::Ground) {
                $ground = new Layer($id, Opacity::Opaque, $minutes[$id]);
            } else {
                $layers[] = new Layer($id, $technique->opacity, $minutes[$id]);
            }
        }
        $this->layers = new AreaLayers($ground, $layers);
    }

    /** @param  callable(ComposedUse): bool  $isLaid whether it is on the figure */
    public static function of(Composition $composition, TypeArea $area, Standard $standard, callable $isLaid): self
    {
        $byId = $minutes = [];
        foreach (array_filter($composition->uses, $isLaid) as $use) {
            $isOfWhole = $use->area->surface === Surface::WHOLE;
            if ($isOfWhole || $use->area->id === $area->area->id) {
                $id = ($isOfWhole ? OverAllOrder::OF_WHOLE : '').$use->use->id;
                $byId[$id] = $use;
                $minutes[$id] = $use->minutes * ($isOfWhole ? $area->area->share : 1);
            }
        }
        $laid = [];
        foreach (self::amongEachOther($byId, $area->area->surface, $standard) as $id) {
            if ($standard->technique($byId[$id]->technique)->group->leavesColour()) {
                $laid[$id] = $byId[$id];
            }
        }

        return new self($laid, $minutes, $standard);
    }

    /**
     * @param  array<string, ComposedUse>  $byId
     * @return list<string> ids in the order of laying
     */
    private static function amongEachOther(array $byId, string $surface, Standard $standard): array
    {
        $own = $whole = [];
        foreach ($byId as $id => $use) {
            $named = $use->use->named((string) $id);
            str_starts_with((string) $id, OverAllOrder::OF_WHOLE) ? $whole[] = $named : $own[] = $named;
        }

        return array_map(static fn (TechniqueUse $use): string => $use->id, (new OverAllOrder($standard))->among($own, $whole, $surface));
    }
}
