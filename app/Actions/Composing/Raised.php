<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use Core\Composition\BlockedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\Raise;
use Core\Composition\RaisedComposition;
use Core\Composition\RaisePlan;
use Core\Composition\Waiver;
use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\Technique;

/** A finished figure on its way to a higher tier: what was on it, what comes to it, what lies on it in the end. */
final readonly class Raised
{
    /**
     * @param  Composition  $work what is painted now; all of its tier is asked of it
     * @param  Composition  $layers what lies on it in the end
     */
    private function __construct(
        public RaisePlan $plan,
        public Composition $work,
        public Composition $layers,
    ) {
    }

    /** @param  Figure  $figure as it is wanted, with what was agreed for it */
    public static function of(SignedFigure $from, Figure $figure, Composition $wanted, Standard $standard): self
    {
        // What was painted under another version may have been painted by techniques that this one has no more.
        $gone = array_filter($from->standard->techniques, static fn (Technique $one): bool => ! $standard->hasTechnique($one->id));
        $both = $gone === [] ? $standard : $standard->withTechniques(array_values($gone));
        $plan = (new Raise($both))->between($from->done, $wanted, $figure->areas, self::apart($from->figure, $figure));
        // What cannot be added is not on it, and nothing that judges it alone is asked.
        $missing = array_filter($plan->blocked, static fn (BlockedUse $use): bool => ! self::isDone($from->done, $use));
        $waivers = [...$figure->waivers, ...array_map(static fn (BlockedUse $use): Waiver => new Waiver($use->area->id, $use->use->id, $use->why), array_values($missing))];
        $layers = $missing === [] ? $wanted : (new Composer($standard))->compose($figure->withVariations($waivers, $figure->choices));

        return new self($plan, (new RaisedComposition($both))->of($from->done, $layers, $plan), $layers);
    }

    /** @return list<string> areas that have a tier of their own, and had it before: they stay as they are */
    private static function apart(Figure $before, Figure $figure): array
    {
        $same = array_filter($figure->areas, static fn (Area $area): bool => $area->tier !== null && $area->tier === $before->area($area->id)?->tier);

        return array_column($same, 'id');
    }

    private static function isDone(Composition $done, BlockedUse $blocked): bool
    {
        foreach ($done->usesOn($blocked->area->id) as $use) {
            if ($use->use->id === $blocked->use->id && $use->technique === $blocked->technique) {
                return true;
            }
        }

        return false;
    }
}
