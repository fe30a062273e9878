<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\UnknownReference;

/** Raises a finished figure from its tier to another: only what the new tier adds. */
final readonly class Raise
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @param  Figure  $figure finished at its tier, its additions done, what was waived not done
     *
     * @throws UnknownReference if the standard has no such tier
     */
    public function handle(Figure $figure, string $to): RaisePlan
    {
        $this->standard->tier($to);
        $composer = new Composer($this->standard);
        $done = $composer->compose($figure);
        $higher = new Figure($to, $figure->size, $figure->areas, [], $figure->waivers, $figure->choices);
        $wanted = $composer->compose($higher);
        $apart = array_filter($figure->areas, static fn (Area $area): bool => $area->tier !== null);

        return $this->between($done, $wanted, $figure->areas, array_column($apart, 'id'));
    }

    /**
     * From what is on a figure to what its new tier asks, whatever was agreed for each.
     *
     * @param  list<Area>  $areas of the figure, as it is wanted
     * @param  list<string>  $nothing ids of areas that stay as they are, beside those of which nothing is asked
     */
    public function between(Composition $done, Composition $wanted, array $areas, array $nothing): RaisePlan
    {
        $nothing = [...$nothing, ...$wanted->undecided, ...$wanted->notAsked];
        $raised = fn (Area $area, OverAllShades $shades): ?RaisedArea => in_array($area->id, $nothing, true)
            ? null
            : new RaisedArea($this->standard, $area, $wanted->usesOn($area->id), $done->usesOn($area->id), $shades->on($area->surface));
        $shades = OverAllShades::none($this->standard);
        foreach ($areas as $area) {
            if ($area->surface === Surface::WHOLE) {
                // What is planned over all is known before the areas that it dulls.
                $shades = OverAllShades::among($this->standard, $done->usesOn($area->id), $raised($area, $shades)->planned ?? []);
            }
        }

        return self::together(array_values(array_filter(array_map(static fn (Area $area): ?RaisedArea => $raised($area, $shades), $areas))));
    }

    /** @param  list<RaisedArea>  $areas */
    private static function together(array $areas): RaisePlan
    {
        $newPaint = array_filter($areas, static fn (RaisedArea $area): bool => $area->plansNewPaint()) !== [];
        $uses = array_map(static fn (RaisedArea $area): array => $newPaint ? $area->withNewFinish() : $area->planned, $areas);
        $tidies = array_map(static fn (RaisedArea $area): ?Tidying => $area->tidying(), $areas);

        return new RaisePlan(
            array_merge(...$uses),
            array_values(array_filter($tidies, static fn (?Tidying $tidy): bool => $tidy !== null)),
            array_merge(...array_column($areas, 'blocked')),
        );
    }
}
