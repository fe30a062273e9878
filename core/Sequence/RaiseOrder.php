<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\Origin;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/**
 * The order in which a finished figure is raised: as any other, but that it has paint already, which messy additions soil from
 * the first one on.
 */
final readonly class RaiseOrder
{
    private WorkOrder $order;

    public function __construct(
        private Standard $standard,
        TidySettings $settings = new TidySettings,
    ) {
        $finished = new Technique(FinishedFirst::FINISHED, 'what is there', TechniqueGroup::LayIn, Opacity::Opaque);
        $this->order = new WorkOrder($standard->withTechniques([$finished]), $settings, [new FinishedFirst]);
    }

    /**
     * @param  Composition  $done what is on the figure
     * @param  Composition  $added what is laid, see {@see \Core\Composition\RaisedComposition}
     * @param  list<int>|null  $known numbers of the steps that are added, in the order that was found before; what is there comes first
     * @param  array<array-key, array<array-key, string>>  $paints by area and use, what it is painted with
     * @return Work only what is added
     */
    public function of(Composition $done, Composition $added, FigureType $type, ?array $known = null, array $paints = []): Work
    {
        $all = $this->all($done, $added, $type);
        $work = $this->order->of($all, $type, $known === null ? null : [...array_diff(array_keys($all->uses), $known), ...$known], $paints);

        return new Work(
            array_values(array_filter(array_map(self::ofAddition(...), $work->items))),
            array_values(array_filter($work->gaveWay, static fn (GaveWay $one): bool => ! FinishedFirst::isFinished($one->step) && ! FinishedFirst::isFinished($one->after->step))),
        );
    }

    /**
     * Equal where the same order is found.
     *
     * @param  array<array-key, array<array-key, string>>  $paints as they are given to the search
     */
    public function key(Composition $done, Composition $added, FigureType $type, array $paints = []): string
    {
        return $this->order->key($this->all($done, $added, $type), $type, $paints);
    }

    /** What an area has, as one step, before what is added to it. */
    private function all(Composition $done, Composition $added, FigureType $type): Composition
    {
        $there = Steps::of($done, $type, $this->standard);
        $uses = array_merge(...array_map(static fn (TypeArea $area): array => [...self::finished($area->area, $there), ...$added->usesOn($area->area->id)], $type->areas));

        return new Composition($uses, [], [], [], $added->minutes);
    }

    /** @return list<ComposedUse> none where there is no paint yet; its minutes are those of what is laid again where it is soiled */
    private static function finished(Area $area, Steps $done): array
    {
        if ($area->surface === Surface::WHOLE || $done->paintOn($area->id) === []) {
            return [];
        }
        $again = array_reduce($done->on($area->id), static fn (float $before, Step $step): float => $step->laidAgainAfter($before), 0.0);

        return [new ComposedUse($area, new TechniqueUse(FinishedFirst::FINISHED, [FinishedFirst::FINISHED]), FinishedFirst::FINISHED, $again, Origin::Tier)];
    }

    /** As it is shown; what is there is no step, and no reason for one. */
    private static function ofAddition(PlannedStep|TidyBack $item): PlannedStep|TidyBack|null
    {
        if ($item instanceof TidyBack) {
            return $item;
        }
        $after = array_values(array_filter($item->after, static fn (After $one): bool => ! FinishedFirst::isFinished($one->step)));

        return FinishedFirst::isFinished($item->step) ? null : new PlannedStep($item->step, $after, $item->saves, $item->wetInto, $item->then, $item->ahead, $item->inOneGo);
    }
}
