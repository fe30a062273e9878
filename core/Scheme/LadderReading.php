<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\BadLadder;
use Core\Colour\Ladder;
use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRules;
use Core\Colour\LadderStep;
use Core\Colour\Srgb;

/**
 * A ladder as it comes out: each rung over what lies under it ({@see Laying}), with the shared light in its last
 * lights. Where the school is that the last light is the base again, a ladder without lights is lit in its base.
 */
final readonly class LadderReading
{
    /** @var list<ShownRung> */
    public array $rungs;

    /** Null while the rungs make none; then {@see self::$fault} says why. */
    public ?Ladder $ladder;

    public ?BadLadder $fault;

    /** @param  RungPlaces  $places where its rungs lie; not known until a tier says so */
    public function __construct(
        public AreaLadder $area,
        public Ground $ground,
        public ?SharedLight $light = null,
        public bool $lastLightIsBase = false,
        private LadderRules $rules = new LadderRules,
        public RungPlaces $places = new RungPlaces,
    ) {
        $this->rungs = (new Laying($ground, $area->takesSharedLight ? $light : null, $places, $rules))->of($area);
        if ($area->rungs === []) {
            // Painted by its uses alone.
            $this->ladder = $this->fault = null;

            return;
        }
        try {
            [$ladder, $fault] = [new Ladder($this->steps()), null];
        } catch (BadLadder $refusal) {
            [$ladder, $fault] = [null, $refusal];
        }
        $this->ladder = $ladder;
        $this->fault = $fault;
    }

    /**
     * As a tier lays it.
     *
     * @param  Ground  $ground as that tier lays it
     */
    public function lying(RungPlaces $places, Ground $ground): self
    {
        return new self($this->area, $ground, $this->light, $this->lastLightIsBase, $this->rules, $places);
    }

    /**
     * What is wrong with the steps of the ladder. A metal is no flat colour and is matched by hand, so nothing is
     * said of its steps; how far values go apart is asked of the figure ({@see TierIsReached}).
     *
     * @return list<LadderFinding>
     */
    public function findings(): array
    {
        return array_values(array_filter(
            $this->ladder?->findings($this->rules) ?? [],
            fn (LadderFinding $finding): bool => $finding->at !== LadderFinding::WHOLE
                && ! $this->rungs[$this->rungAt($finding->at)]->recipe->hasMetal()
                && ! $this->isMeant($finding),
        ));
    }

    /**
     * A shade over lights is held against those, a light over a sketch against the lightest of it. A tone that is used again for less, in another place, need not be lighter;
     * nor the base as last light, where that is the school.
     */
    private function isMeant(LadderFinding $finding): bool
    {
        [$at, $against] = [$this->rungAt($finding->at), $this->rungAt((int) $finding->against)];
        $rung = $this->rungs[$at];
        $lighter = $rung->shown->lightness() - $rung->under->lightness();
        if ($finding->fault !== LadderFault::NotLighter) {
            return match ($finding->fault) {
                LadderFault::ShadeNotDarker => -$lighter >= $this->rules->minStep,
                LadderFault::Jump => $lighter <= $this->rules->maxStep,
                default => false,
            };
        }
        $before = array_filter(array_slice($this->rungs, 0, $at), static fn (ShownRung $one): bool => $one->rung->recipe->equals($rung->rung->recipe));
        $isBase = array_filter($before, static fn (ShownRung $one): bool => $one->rung->role === RungRole::Base) !== [];

        return ($this->lastLightIsBase && $isBase)
            || ($before !== [] && $rung->rung->cover < $this->rungs[$against]->rung->cover && $this->places->differ($at, $against));
    }

    /** As it would be with another rung in a place, or put in before what stands there. */
    public function withRung(int $at, bool $inserts, Rung $rung): self
    {
        $rungs = $this->area->rungs;
        array_splice($rungs, $at, $inserts ? 0 : 1, [$rung]);

        return new self($this->area->withRungs($rungs), $this->ground, $this->light, $this->lastLightIsBase, $this->rules, $inserts ? $this->places->withInserted($at) : $this->places);
    }

    /** @return list<int> where the rungs of this role stand */
    public function at(RungRole $role): array
    {
        return array_keys(array_filter($this->rungs, static fn (ShownRung $rung): bool => $rung->rung->role === $role));
    }

    /** The rung at a step of the tonal ladder. */
    public function rungAt(int $step): int
    {
        return $this->onLadder()[$step];
    }

    /** @return list<int> by step of the tonal ladder, where its rung stands; it leaves out the ground and what a later base tints */
    public function onLadder(): array
    {
        return array_keys(array_filter($this->rungs, static fn (ShownRung $rung): bool => $rung->as !== null));
    }

    /** What the area is painted in before anything is shaded or lit. */
    public function base(): ?Srgb
    {
        $bases = $this->at(RungRole::Base);

        return $bases === [] ? null : $this->rungs[$bases[count($bases) - 1]]->shown;
    }

    /** @return list<LadderStep> */
    private function steps(): array
    {
        $steps = [];
        foreach ($this->rungs as $at => $rung) {
            if ($rung->as !== null) {
                $steps[] = new LadderStep($rung->as, $rung->shown, $rung->rung->cover, $this->places->isLine($at));
            }
        }

        return $steps;
    }
}
