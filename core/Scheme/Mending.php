<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRules;

/**
 * What would mend a ladder: mixes of what is there already, with a lightener or a darkener of the scheme
 * where there is nothing to mix with. A forecast, as all mixes are.
 */
final readonly class Mending
{
    public function __construct(
        private LadderRules $rules,
        private Tints $tints,
        private ?Recipe $light = null,
    ) {
    }

    public function of(LadderReading $reading, LadderFinding $finding): ?Suggestion
    {
        return match ($finding->fault) {
            LadderFault::Jump => $this->between($reading, $finding),
            LadderFault::NotLighter => $this->lighter($reading, $reading->rungAt($finding->at), $finding),
            LadderFault::ShadeNotDarker => $this->darker($reading, $finding),
            LadderFault::CoversPrevious => $this->narrower($reading, $finding),
            LadderFault::SpanShort => $this->wider($reading, $finding),
        };
    }

    /**
     * The steps that are missing between the base and the last light, so that each rise is at most the
     * largest step and all are about even.
     *
     * @return list<Rung> to stand between the tone that lights lie on and the last light; none where nothing is missing or no mix comes near
     */
    public function evenSteps(LadderReading $reading): array
    {
        $lights = $reading->at(RungRole::Light);
        if (array_filter($lights, $reading->places->isLine(...)) !== []) {
            // Lines may stand as far from what they lie on as one likes.
            return [];
        }
        $last = $lights === [] ? null : $reading->rungs[$lights[count($lights) - 1]];
        $from = $lights === [] ? null : $this->tone($reading, $lights[0]);
        if ($last === null || $from === null) {
            return [];
        }
        $whole = $last->shown->lightness() - $from->shown->lightness();
        $missing = (int) ceil($whole / $this->rules->maxStep) - 1;
        $rungs = [];
        for ($step = 1; $step <= $missing; $step++) {
            $target = $from->shown->lightness() + $whole * $step / ($missing + 1);
            $mix = MixSearch::toLightness($from->recipe, $last->recipe, static fn (Recipe $recipe): float => $recipe->over($from->shown, 1)->lightness(), $target, $target - $this->rules->maxStep / 3, $target + $this->rules->maxStep / 3);
            if ($mix === null) {
                return [];
            }
            $rungs[] = new Rung(RungRole::Light, $mix['recipe'], max(0.05, round($from->rung->cover * LightCover::LEAVES_SHOWING ** $step, 2)));
        }

        return $rungs;
    }

    /** A light more: on top of the last one, or the first, half way between the smallest and the largest step. Null where no mix comes near. */
    public function nextLightOf(LadderReading $reading): ?Suggestion
    {
        $lightener = $this->lightener();
        $last = count($reading->rungs) - 1;
        $on = $this->tone($reading, $last + 1);
        if ($lightener === null || $on === null) {
            return null;
        }
        $isTone = $on->rung->role === RungRole::Base;
        $cover = $isTone ? LightCover::after(null) : max(0.01, round($on->rung->cover * LightCover::LEAVES_SHOWING, 2));
        $lightness = $on->shown->lightness();

        return $this->onTop($reading, $last + 1, $on, new Rung(RungRole::Light, $lightener, $cover), $lightness + ($this->rules->minStep + $this->rules->maxStep) / 2, $lightness + $this->rules->minStep);
    }

    /** A shade where there is none: the darkest wash of the studio as it is. Null where it would not show, or there is none. */
    public function firstShade(LadderReading $reading): ?Suggestion
    {
        $bases = $reading->at(RungRole::Base);

        return $bases === [] ? null : $this->shadedWithWash($reading, $bases[count($bases) - 1] + 1, true, NextStep::OF_SHADE, 1);
    }

    /** The same wash in the place of a shade that is none. */
    public function otherShade(LadderReading $reading, int $at): ?Suggestion
    {
        $rung = $reading->rungs[$at]->rung;

        return $this->shadedWithWash($reading, $at, false, $rung->cover, $rung->coats);
    }

    private function shadedWithWash(LadderReading $reading, int $at, bool $inserts, float $cover, int $coats): ?Suggestion
    {
        $base = $reading->base();
        $wash = $this->tints->wash();
        if ($base === null || $wash === null) {
            return null;
        }
        $rung = new Rung(RungRole::Shade, $wash, $cover, $coats);
        $lightness = self::coming($reading, $at, $inserts, $rung)($wash);

        return $lightness > $base->lightness() - $this->rules->minStep ? null : new Suggestion($at, $inserts, $rung, sprintf('A shade: %s gives L* %d.', $wash->text(), round($lightness)));
    }

    /** The light of the scheme, else the lightest paint there is. */
    private function lightener(): ?Recipe
    {
        return $this->light ?? $this->tints->lightener();
    }

    private function between(LadderReading $reading, LadderFinding $finding): ?Suggestion
    {
        $at = $reading->rungAt($finding->at);
        $below = $reading->rungs[$reading->rungAt((int) $finding->against)];
        $above = $reading->rungs[$at];
        [$low, $high] = [$below->shown->lightness(), $above->shown->lightness()];
        $cover = round(($below->rung->cover + $above->rung->cover) / 2, 2);
        $mix = MixSearch::toLightness(
            $below->recipe,
            $above->recipe,
            self::coming($reading, $at, true, new Rung(RungRole::Light, $above->recipe, $cover)),
            ($low + $high) / 2,
            $low + $this->rules->minStep,
            min($low + $this->rules->maxStep, $high - $this->rules->minStep),
        );

        return $mix === null ? null : new Suggestion(
            $at,
            true,
            new Rung(RungRole::Light, $mix['recipe'], $cover),
            sprintf('A step between: %d : %d of the two gives L* %d.', $mix['own'], $mix['other'], round($mix['lightness'])),
        );
    }

    private function lighter(LadderReading $reading, int $at, LadderFinding $finding): ?Suggestion
    {
        $against = $reading->rungs[$reading->rungAt((int) $finding->against)]->shown->lightness();
        $next = $this->nextLight($reading, $at);
        $highest = $next === null ? INF : $next - $this->rules->minStep;
        $target = $next === null ? $against + ($this->rules->minStep + $this->rules->maxStep) / 2 : ($against + $next) / 2;

        return $this->mixed($reading, $at, $this->lightener(), $target, $against + $this->rules->minStep, min($highest, $against + $this->rules->maxStep));
    }

    private function darker(LadderReading $reading, LadderFinding $finding): ?Suggestion
    {
        $base = $reading->rungs[$reading->rungAt((int) $finding->against)]->shown->lightness();
        $target = max(0.0, $base - $this->rules->minStep * 3);

        $at = $reading->rungAt($finding->at);

        return $this->mixed($reading, $at, $this->tints->darkener($reading->rungs[$at]->rung->recipe), $target, 0.0, $base - $this->rules->minStep);
    }

    private function wider(LadderReading $reading, LadderFinding $finding): ?Suggestion
    {
        $lights = $reading->at(RungRole::Light);
        if ($lights === []) {
            return null;
        }
        $last = $lights[count($lights) - 1];
        $below = $this->tone($reading, $last)?->shown->lightness() ?? 0.0;
        $wanted = $reading->rungs[$last]->shown->lightness() + $finding->bound - $finding->is;
        if ($wanted <= $below + $this->rules->maxStep) {
            return $this->mixed($reading, $last, $this->lightener(), $wanted, $wanted, $below + $this->rules->maxStep);
        }

        $lightener = $this->lightener();

        return $lightener === null ? null : $this->further($reading, $last, $lightener, $wanted);
    }

    /** Further than one step may go: the last light stays, and a lighter one comes on top. */
    private function further(LadderReading $reading, int $last, Recipe $lightener, float $wanted): ?Suggestion
    {
        $top = $reading->rungs[$last];
        $cover = max(0.05, round($top->rung->cover * LightCover::LEAVES_SHOWING, 2));

        return $this->onTop($reading, $last + 1, $top, new Rung(RungRole::Light, $lightener, $cover), $wanted, $wanted);
    }

    /**
     * A light put in at a place, mixed from what it lies on and a lightener.
     *
     * @param  Rung  $like the light, of the lightener alone
     * @param  float  $target L* that it shall come to
     * @param  float  $least L* that it must reach
     */
    private function onTop(LadderReading $reading, int $at, ShownRung $on, Rung $like, float $target, float $least): ?Suggestion
    {
        $mix = MixSearch::toLightness($on->rung->recipe, $like->recipe, self::coming($reading, $at, true, $like), $target, $least, $on->shown->lightness() + $this->rules->maxStep);

        return $mix === null ? null : new Suggestion(
            $at,
            true,
            new Rung(RungRole::Light, $mix['recipe'], $like->cover),
            sprintf('A further light: %d : %d with %s gives L* %d.', $mix['own'], $mix['other'], $like->recipe->text(), round($mix['lightness'])),
        );
    }

    private function narrower(LadderReading $reading, LadderFinding $finding): Suggestion
    {
        return $this->within($reading, $reading->rungAt($finding->at), $finding->bound);
    }

    /**
     * A step that leaves something of the one before it showing.
     *
     * @param  float  $before cover of that one
     */
    public function within(LadderReading $reading, int $at, float $before): Suggestion
    {
        $rung = $reading->rungs[$at]->rung;
        $cover = max(0.01, round($before * LightCover::LEAVES_SHOWING, 2));

        return new Suggestion($at, false, new Rung($rung->role, $rung->recipe, $cover, $rung->coats), sprintf('Over %d of a hundred parts of the area it leaves the step below showing.', round($cover * 100)));
    }

    private function mixed(LadderReading $reading, int $at, ?Recipe $with, float $target, float $least, float $most): ?Suggestion
    {
        $shown = $reading->rungs[$at];
        if ($with === null || $least > $most) {
            return null;
        }
        $mix = MixSearch::toLightness($shown->rung->recipe, $with, self::coming($reading, $at, false, $shown->rung), $target, $least, $most);

        return $mix === null ? null : new Suggestion(
            $at,
            false,
            new Rung($shown->rung->role, $mix['recipe'], $shown->rung->cover, $shown->rung->coats),
            sprintf('%d : %d with %s gives L* %d.', $mix['own'], $mix['other'], $with->text(), round($mix['lightness'])),
        );
    }

    /**
     * The lightness that a recipe comes out with at a place of the ladder, with all that the ladder does to it.
     *
     * @return callable(Recipe): float
     */
    private static function coming(LadderReading $reading, int $at, bool $inserts, Rung $like): callable
    {
        return static fn (Recipe $recipe): float => $reading
            ->withRung($at, $inserts, new Rung($like->role, $recipe, $like->cover, $like->coats))
            ->rungs[$at]->shown->lightness();
    }

    /** What the light at this place lies on. */
    private function tone(LadderReading $reading, int $at): ?ShownRung
    {
        for ($before = $at - 1; $before >= 0; $before--) {
            if (in_array($reading->rungs[$before]->rung->role, [RungRole::Base, RungRole::Relight, RungRole::Light], true)) {
                return $reading->rungs[$before];
            }
        }

        return null;
    }

    private function nextLight(LadderReading $reading, int $at): ?float
    {
        for ($after = $at + 1; $after < count($reading->rungs); $after++) {
            if ($reading->rungs[$after]->rung->role === RungRole::Light) {
                return $reading->rungs[$after]->shown->lightness();
            }
        }

        return null;
    }
}
