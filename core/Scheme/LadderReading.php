<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\BadLadder;
use Core\Colour\Ladder;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\LadderStep;
use Core\Colour\Srgb;

/**
 * A ladder as it comes out: each rung over what lies under it, with the shared light in its last lights.
 * A shade lies on the base, a relight on the shade, a light on the last base, relight or light. Where the
 * school is that the last light is the base again, a ladder without lights is lit in its base.
 */
final readonly class LadderReading
{
    /** @var list<ShownRung> */
    public array $rungs;

    /** Null while the rungs make none; then {@see self::$fault} says why. */
    public ?Ladder $ladder;

    public ?BadLadder $fault;

    public function __construct(
        public AreaLadder $area,
        public Srgb $ground,
        public ?SharedLight $light = null,
        public bool $lastLightIsBase = false,
    ) {
        $this->rungs = self::shown($area, $ground, $area->takesSharedLight ? $light : null);
        if ($area->rungs === []) {
            // Painted by its uses alone.
            $this->ladder = $this->fault = null;

            return;
        }
        try {
            [$ladder, $fault] = [new Ladder(self::steps($this->rungs)), null];
        } catch (BadLadder $refusal) {
            [$ladder, $fault] = [null, $refusal];
        }
        $this->ladder = $ladder;
        $this->fault = $fault;
    }

    /**
     * What is wrong with the ladder. A metal is no flat colour and is matched by hand, so nothing is said of
     * its steps.
     *
     * @return list<LadderFinding>
     */
    public function findings(LadderRules $rules): array
    {
        return array_values(array_filter(
            $this->ladder?->findings($rules) ?? [],
            fn (LadderFinding $finding): bool => $finding->at === LadderFinding::WHOLE
                ? array_filter($this->rungs, static fn (ShownRung $rung): bool => $rung->recipe->hasMetal()) === []
                : ! $this->rungs[$this->rungAt($finding->at)]->recipe->hasMetal(),
        ));
    }

    /** As it would be with another rung in a place, or put in before what stands there. */
    public function withRung(int $at, bool $inserts, Rung $rung): self
    {
        $rungs = $this->area->rungs;
        array_splice($rungs, $at, $inserts ? 0 : 1, [$rung]);

        return new self($this->area->withRungs($rungs), $this->ground, $this->light, $this->lastLightIsBase);
    }

    /** @return list<int> where the rungs of this role stand */
    public function at(RungRole $role): array
    {
        return array_keys(array_filter($this->rungs, static fn (ShownRung $rung): bool => $rung->rung->role === $role));
    }

    /** The rung at a step of the tonal ladder, which leaves the ground out. */
    public function rungAt(int $step): int
    {
        return $this->onLadder()[$step];
    }

    /** @return list<int> by step of the tonal ladder, where its rung stands */
    public function onLadder(): array
    {
        return array_keys(array_filter($this->rungs, static fn (ShownRung $rung): bool => $rung->rung->role !== RungRole::Ground));
    }

    /** What the area is painted in before anything is shaded or lit. */
    public function base(): ?Srgb
    {
        $base = $this->at(RungRole::Base)[0] ?? null;

        return $base === null ? null : $this->rungs[$base]->shown;
    }

    /**
     * @param  list<ShownRung>  $rungs
     * @return list<LadderStep>
     */
    private static function steps(array $rungs): array
    {
        $steps = [];
        foreach ($rungs as $rung) {
            $role = $rung->rung->role->onLadder();
            if ($role !== null) {
                $steps[] = new LadderStep($role, $rung->shown, $rung->rung->cover);
            }
        }

        return $steps;
    }

    /** @return list<ShownRung> */
    private static function shown(AreaLadder $area, Srgb $ground, ?SharedLight $light): array
    {
        // The last lights of the ladder, not of a tier: what two tiers share is mixed alike.
        $lit = $light === null ? [] : array_slice(array_keys(array_filter($area->rungs, static fn (Rung $rung): bool => $rung->role === RungRole::Light)), -$light->reach);
        $shown = [];
        $base = $tone = $shade = null;
        foreach ($area->rungs as $at => $rung) {
            $recipe = $light !== null && in_array($at, $lit, true) ? $light->into($rung->recipe) : $rung->recipe;
            $under = match ($rung->role->onLadder()) {
                null, LadderRole::Base => $ground,
                LadderRole::Shade => $base ?? $ground,
                LadderRole::Relight => $shade ?? $base ?? $ground,
                LadderRole::Light => $tone ?? $ground,
            };
            $seen = $recipe->over($under, $rung->coats);
            $shown[] = new ShownRung($rung, $recipe, $under, $seen);
            match ($rung->role) {
                RungRole::Ground => $ground = $seen,
                RungRole::Base => [$base, $tone] = [$seen, $seen],
                RungRole::Shade => $shade = $seen,
                RungRole::Relight, RungRole::Light => $tone = $seen,
            };
        }

        return $shown;
    }
}
