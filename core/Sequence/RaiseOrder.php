<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\Origin;
use Core\Composition\RaisedUse;
use Core\Composition\RaisePlan;
use Core\Standard\Area;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/**
 * The order in which a finished figure is raised: as any other, but that it has paint already, which messy additions soil from
 * the first one on. The middle colour comes again before what is added to its area, but for a new shade, on which it lies.
 */
final readonly class RaiseOrder
{
    /** Id of the step that lays the middle colour again. No technique of a standard has it. */
    public const MIDDLE = "\0middle";

    private const MIDDLE_AGAIN = 'Middle colour again on raised parts';

    public function __construct(
        private Standard $standard,
        private TidySettings $settings = new TidySettings,
    ) {
    }

    /**
     * @param  Figure  $figure finished at its tier, as it is raised
     * @return Work only what is added; the middle colour again is a step of the technique {@see self::MIDDLE}
     */
    public function of(Figure $figure, RaisePlan $plan, FigureType $type): Work
    {
        $done = Steps::of((new Composer($this->standard))->compose($figure), $type, $this->standard);
        $uses = array_merge(...array_map(fn (Area $area): array => $this->on($area, $done, $plan), $figure->areas));
        $standard = $this->standard->withTechniques([
            new Technique(FinishedFirst::FINISHED, 'what is there', TechniqueGroup::LayIn, Opacity::Opaque),
            new Technique(self::MIDDLE, self::MIDDLE_AGAIN, TechniqueGroup::LayIn, Opacity::Semi, LiesOn::Face),
        ]);
        $work = (new WorkOrder($standard, $this->settings, [new FinishedFirst]))->of(new Composition($uses, [], [], [], $plan->minutes), $type);

        return new Work(
            array_values(array_filter(array_map(self::ofAddition(...), $work->items))),
            array_values(array_filter($work->gaveWay, static fn (GaveWay $one): bool => ! FinishedFirst::isFinished($one->step) && ! FinishedFirst::isFinished($one->after->step))),
        );
    }

    /** @return list<ComposedUse> what an area has, as one; shades that are new; its middle colour; then what else is added */
    private function on(Area $area, Steps $done, RaisePlan $plan): array
    {
        $added = array_values(array_filter($plan->uses, static fn (RaisedUse $use): bool => $use->area->id === $area->id));
        // A new shade dulls the middle colour, which comes again on top of it.
        $shades = 0;
        while (isset($added[$shades]) && $this->standard->technique($added[$shades]->technique)->group === TechniqueGroup::Shade) {
            $shades++;
        }
        $uses = array_map(static fn (RaisedUse $use): ComposedUse => new ComposedUse($area, $use->use, $use->technique, $use->minutes, Origin::Tier), $added);
        $middle = [];
        foreach ($plan->tidies as $tidy) {
            if ($tidy->area->id === $area->id) {
                $middle[] = self::use($area, self::MIDDLE, $tidy->minutes, Extent::Upper);
            }
        }

        return [...self::finished($area, $done), ...array_slice($uses, 0, $shades), ...$middle, ...array_slice($uses, $shades)];
    }

    /** @return list<ComposedUse> none where there is no paint yet; its minutes are those of what is laid again where it is soiled */
    private static function finished(Area $area, Steps $done): array
    {
        if ($area->surface === Surface::WHOLE || $done->paintOn($area->id) === []) {
            return [];
        }
        $again = array_reduce($done->on($area->id), static fn (float $before, Step $step): float => $step->laidAgainAfter($before), 0.0);

        return [self::use($area, FinishedFirst::FINISHED, $again, Extent::Every)];
    }

    private static function use(Area $area, string $technique, float $minutes, Extent $extent): ComposedUse
    {
        return new ComposedUse($area, new TechniqueUse($technique, [$technique], extent: $extent), $technique, $minutes, Origin::Tier);
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
