<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** What is painted on a finished figure to raise it, as a composition of its own: only what is added, and the middle colour again. */
final readonly class RaisedComposition
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * All of the new tier is asked of it, as its criteria say.
     *
     * @param  Composition  $done what was on it
     * @param  Composition  $wanted what shall be
     */
    public function of(Composition $done, Composition $wanted, RaisePlan $plan): Composition
    {
        $areas = [];
        foreach ([...$plan->uses, ...$plan->tidies] as $added) {
            $areas[$added->area->id] = $added->area;
        }
        $order = array_flip(array_map(static fn (ComposedUse $use): string => $use->area->id, $wanted->uses));
        uksort($areas, static fn (int|string $one, int|string $other): int => ($order[$one] ?? 0) <=> ($order[$other] ?? 0));
        $uses = array_merge(...array_map(fn (Area $area): array => $this->on($area, $done, $wanted, $plan), array_values($areas)));

        return new Composition($uses, $wanted->criteria, $wanted->undecided, $wanted->notAsked, array_sum(array_column($uses, 'minutes')));
    }

    /** @return list<ComposedUse> shades that are new; the middle colour, which lies on them; then what else is added */
    private function on(Area $area, Composition $done, Composition $wanted, RaisePlan $plan): array
    {
        $added = array_values(array_filter($plan->uses, static fn (RaisedUse $use): bool => $use->area->id === $area->id));
        $laid = array_map(static fn (RaisedUse $use): ComposedUse => $use->laid(), $added);
        $shades = 0;
        while (isset($laid[$shades]) && $this->standard->technique($laid[$shades]->technique)->group === TechniqueGroup::Shade) {
            $shades++;
        }

        return [...array_slice($laid, 0, $shades), ...$this->middle($area, [...$wanted->usesOn($area->id), ...$done->usesOn($area->id)], $plan), ...array_slice($laid, $shades)];
    }

    /**
     * @param  list<ComposedUse>  $uses of the area, as it shall be, then as it was
     * @return list<ComposedUse> none where it does not come again, or where the area was never laid in
     */
    private function middle(Area $area, array $uses, RaisePlan $plan): array
    {
        foreach ($plan->tidies as $tidy) {
            foreach ($tidy->area->id === $area->id ? $uses : [] as $use) {
                if ($this->standard->technique($use->technique)->group === TechniqueGroup::LayIn) {
                    return [ComposedUse::again($use, $tidy->minutes)];
                }
            }
        }

        return [];
    }
}
