<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRules;
use Core\Colour\LightChoice;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Plate\Plate;
use Core\Plate\PlateMaker;
use Core\Plate\ZoneState;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/**
 * A ladder as one tier climbs it: what each step of each use on the area is painted with. A use that has a
 * recipe of its own takes that; the others take the rungs of their kind in turn, and where the ladder has
 * more lights than the tier asks for, the best of them ({@see LightChoice}).
 */
final readonly class TierLadder
{
    /** As this tier lays it. */
    public LadderReading $reading;

    /** @var list<TierStep> in the order of laying */
    public array $steps;

    /** @var list<int> rungs that this tier lays, in the ladder's order */
    public array $taken;

    private PlateAtNeed $plate;

    private bool $saysItsTones;

    /**
     * What the area looks like from a step back: the last base or relight that this tier lays, over what lies under it and
     * through what is laid over the figure as one after it; null where there is none.
     */
    public ?Srgb $tone;

    /**
     * @param  list<ComposedUse>  $uses of the area, in the order of laying
     * @param  float|null  $asked difference of L* that the tier asks for; null: as wide as the ladder goes
     * @param  OverAllPaint|null  $overAll what is laid over the figure as one; null: nothing
     */
    public function __construct(
        LadderReading $reading,
        array $uses,
        Standard $standard,
        LadderRules $rules,
        ?float $asked = null,
        ?OverAllPaint $overAll = null,
    ) {
        $turns = self::turns($reading, $uses, $standard);
        $this->steps = self::laid($reading, $turns, self::lights($reading, $turns, $rules, $asked));
        $over = $overAll ?? OverAllPaint::none();
        $laid = array_map(static fn (ComposedUse $use): TechniqueUse => $use->use, $uses);
        $ground = self::grounds([...$laid, ...$over->uses], $standard) === 1 ? $reading->ground->withoutSketch() : $reading->ground;
        $this->reading = $reading->lying(RungPlaces::ofSteps($reading->area, $this->steps, $standard), $ground);
        $taken = [];
        foreach ($this->steps as $step) {
            if ($step->rung !== null) {
                $taken[$step->rung] = $step->rung;
            }
        }
        ksort($taken);
        $this->taken = array_values($taken);
        $among = $uses === [] ? [] : $over->among($laid, $uses[0]->area->surface, $standard);
        $this->plate = new PlateAtNeed(fn (): ?Plate => $uses === [] ? null : (new PlateMaker($standard))->make($among, PlateColours::of($this->reading, $this->steps, $over)));
        $this->saysItsTones = self::saysItsTones($this->steps, $standard);
        $this->tone = self::tone($this->reading, $this->steps, $among, $standard, $over);
    }

    /** How the area comes out at this tier; null where nothing is laid on it. */
    public function plate(): ?Plate
    {
        return $this->plate->plate();
    }

    /**
     * Of L*, from its darkest to its lightest place as it comes out: a stain pools, a wash runs into the recesses. Null while
     * a base, shade or light of it has no paint: the plate shows one then, but nobody has said it.
     */
    public function span(): ?float
    {
        return $this->saysItsTones ? $this->plate()->span ?? 0.0 : null;
    }

    /** @param  list<TierStep>  $steps */
    private static function saysItsTones(array $steps, Standard $standard): bool
    {
        $givesTone = static fn (TierStep $step): bool => in_array($standard->technique($step->use->technique)->group, [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light], true);

        return array_filter($steps, static fn (TierStep $step): bool => $step->recipe === null && $givesTone($step)) === [];
    }

    /**
     * How often a ground is laid; a tier that lays one alone leaves out the sketch.
     *
     * @param  list<TechniqueUse>  $laid
     */
    private static function grounds(array $laid, Standard $standard): int
    {
        return count(array_filter($laid, static fn (TechniqueUse $use): bool => $standard->technique($use->techniques[0])->group === TechniqueGroup::Ground));
    }

    /**
     * @return list<float> L* of each place of the area as it comes out; none where metals are laid, which are no flat colour,
     *                     or while its span is not known
     */
    public function values(): array
    {
        return ! $this->saysItsTones || $this->laysMetal() ? [] : array_map(static fn (ZoneState $zone): float => $zone->colour->lightness(), $this->plate()->zones ?? []);
    }

    /** Whether some step of it is a light on the faces of the area, not a line or a dot alone. */
    public function lightsFaces(): bool
    {
        $isLight = fn (int $at): bool => $this->reading->rungs[$at]->rung->role === RungRole::Light && ! $this->reading->places->isLine($at);

        return array_filter($this->taken, $isLight) !== [];
    }

    public function laysMetal(): bool
    {
        return array_filter($this->steps, static fn (TierStep $step): bool => $step->recipe?->hasMetal() === true) !== [];
    }

    /**
     * How far its values fall short of what is asked; null where they do not, or where that is not known. Nothing is said
     * where the tier asks for no light on faces, for no choice of colours would reach it then, and of metals, which are no
     * flat colours.
     *
     * @param  float  $asked of L*
     */
    public function shortOf(float $asked): ?LadderFinding
    {
        $span = ! $this->saysItsTones || ! $this->lightsFaces() || $this->laysMetal() ? null : $this->span();

        return $span === null || $span >= $asked ? null : new LadderFinding(LadderFault::SpanShort, LadderFinding::WHOLE, null, $span, $asked);
    }

    /** What is seen of one of its steps, over what lies under it where the ladder says it; null for a step without a colour. */
    public function shown(TierStep $step): ?Srgb
    {
        return $step->rung === null ? $step->recipe?->colour() : $this->reading->rungs[$step->rung]->shown;
    }

    /** The last light that this tier lays and that is no metal, as it comes out. */
    public function lastLight(): ?Srgb
    {
        $last = null;
        foreach ($this->taken as $at) {
            $rung = $this->reading->rungs[$at];
            $last = $rung->rung->role === RungRole::Light && ! $rung->recipe->hasMetal() ? $rung->shown : $last;
        }

        return $last;
    }

    /**
     * @param  list<TierStep>  $steps
     * @param  list<TechniqueUse>  $among uses of the area with those of the figure as one
     */
    private static function tone(LadderReading $reading, array $steps, array $among, Standard $standard, OverAllPaint $overAll): ?Srgb
    {
        $leaves = $tone = null;
        $highest = -1;
        foreach ($steps as $step) {
            $rung = $step->rung === null ? null : $reading->rungs[$step->rung];
            $isTone = $rung?->rung->role === RungRole::Base || $rung?->rung->role === RungRole::Relight;
            if ($isTone && $step->rung >= $highest) {
                [$leaves, $tone, $highest] = [$step->use, $rung->shown, $step->rung];
            }
        }

        return $leaves === null || $tone === null ? null : $overAll->over($tone, $among, $leaves->use->id, $standard);
    }

    /**
     * Each step of each use with the role of the rung that it would take; null for one that takes none.
     *
     * @param  list<ComposedUse>  $uses
     * @return list<array{use: ComposedUse, step: int, recipe: Recipe|null, role: RungRole|null}>
     */
    private static function turns(LadderReading $reading, array $uses, Standard $standard): array
    {
        $turns = [];
        $shaded = $laid = false;
        foreach ($uses as $use) {
            $role = self::role($standard->technique($use->technique)->group, $shaded && $laid && $reading->at(RungRole::Relight) !== []);
            for ($step = 1; $step <= $use->use->steps; $step++) {
                $recipe = $reading->area->ofUse($use->use->id, $step);
                $turns[] = ['use' => $use, 'step' => $step, 'recipe' => $recipe, 'role' => $recipe === null ? $role : null];
            }
            $shaded = $shaded || $role === RungRole::Shade;
            $laid = $laid || $role === RungRole::Base;
        }

        return $turns;
    }

    private static function role(TechniqueGroup $group, bool $relights): ?RungRole
    {
        return match ($group) {
            TechniqueGroup::Ground => RungRole::Ground,
            TechniqueGroup::LayIn => $relights ? RungRole::Relight : RungRole::Base,
            TechniqueGroup::Shade => RungRole::Shade,
            TechniqueGroup::Light => RungRole::Light,
            default => null,
        };
    }

    /**
     * @param  list<array{use: ComposedUse, step: int, recipe: Recipe|null, role: RungRole|null}>  $turns
     * @return list<int> rungs that are laid as lights, in order
     */
    private static function lights(LadderReading $reading, array $turns, LadderRules $rules, ?float $asked): array
    {
        $lights = $reading->at(RungRole::Light);
        if ($lights === []) {
            return $reading->lastLightIsBase ? $reading->at(RungRole::Base) : [];
        }
        $many = count(array_filter($turns, static fn (array $turn): bool => $turn['role'] === RungRole::Light));
        $chosen = (new LightChoice($rules))->of(
            $reading->rungs[$lights[0]]->under->lightness(),
            array_map(static fn (int $at): float => $reading->rungs[$at]->shown->lightness(), $lights),
            $many,
            $asked === null ? INF : self::darkest($reading) + $asked,
        );

        return array_map(static fn (int $at): int => $lights[$at], $chosen);
    }

    private static function darkest(LadderReading $reading): float
    {
        $dark = array_map(static fn (int $at): float => $reading->rungs[$at]->shown->lightness(), [...$reading->at(RungRole::Base), ...$reading->at(RungRole::Shade)]);

        return $dark === [] ? 0.0 : min($dark);
    }

    /**
     * @param  list<array{use: ComposedUse, step: int, recipe: Recipe|null, role: RungRole|null}>  $turns
     * @param  list<int>  $lights
     * @return list<TierStep>
     */
    private static function laid(LadderReading $reading, array $turns, array $lights): array
    {
        $next = [];
        $steps = [];
        foreach ($turns as $turn) {
            $rung = null;
            if ($turn['role'] !== null) {
                $of = $turn['role'] === RungRole::Light ? $lights : $reading->at($turn['role']);
                $at = $next[$turn['role']->value] ?? 0;
                // The last one again when they run out.
                $rung = $of === [] ? null : $of[min($at, count($of) - 1)];
                $next[$turn['role']->value] = $at + 1;
            }
            $steps[] = new TierStep($turn['use'], $turn['step'], $turn['recipe'] ?? ($rung === null ? null : $reading->rungs[$rung]->recipe), $rung);
        }

        return $steps;
    }
}
