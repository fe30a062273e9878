<?php

declare(strict_types=1);

namespace Core\Scheme;

/** The colours of one area: its ladder in the order of laying, and what single uses are painted with beside it. */
final readonly class AreaLadder
{
    /**
     * @param  string  $area name of the area
     * @param  list<Rung>  $rungs in the order of laying
     * @param  list<UseRecipe>  $uses
     * @param  bool  $takesSharedLight whether the scheme's shared light goes into its last lights
     * @param  bool  $isQuiet whether it need not reach the span of its tier, though it draws the eye
     */
    public function __construct(
        public string $area,
        public array $rungs,
        public array $uses = [],
        public bool $takesSharedLight = true,
        public Turn $turn = Turn::None,
        public bool $isQuiet = false,
    ) {
    }

    /** What this use is painted with whatever the ladder has; a step that nothing is said of takes the step before it. */
    public function ofUse(string $use, int $step): ?Recipe
    {
        $found = null;
        $at = 0;
        foreach ($this->uses as $recipe) {
            if ($recipe->use === $use && $recipe->step <= $step && $recipe->step > $at) {
                [$found, $at] = [$recipe->recipe, $recipe->step];
            }
        }

        return $found;
    }

    /** What is said of this step of this use, and of no other. */
    public function useAt(string $use, int $step): ?UseRecipe
    {
        foreach ($this->uses as $one) {
            if ($one->use === $use && $one->step === $step) {
                return $one;
            }
        }

        return null;
    }

    /** @param  list<Rung>  $rungs */
    public function withRungs(array $rungs): self
    {
        return new self($this->area, $rungs, $this->uses, $this->takesSharedLight, $this->turn, $this->isQuiet);
    }

    /** @param  list<UseRecipe>  $uses */
    public function withUses(array $uses): self
    {
        return new self($this->area, $this->rungs, $uses, $this->takesSharedLight, $this->turn, $this->isQuiet);
    }

    /** The same colours as those of another area. */
    public function named(string $area): self
    {
        return new self($area, $this->rungs, $this->uses, $this->takesSharedLight, $this->turn, $this->isQuiet);
    }

    /** Whether it says the same in every rung, use and member. */
    public function equals(self $other): bool
    {
        return self::written($this) === self::written($other);
    }

    /**
     * This ladder with all that another says of the same area, where the one climbs through the other's steps
     * and no use is painted otherwise; null where they are two.
     */
    public function joined(self $other): ?self
    {
        [$long, $short] = count($this->rungs) >= count($other->rungs) ? [$this, $other] : [$other, $this];
        $at = 0;
        foreach ($long->rungs as $rung) {
            $next = $short->rungs[$at] ?? null;
            $at += $next !== null && $next->role === $rung->role && $next->recipe->equals($rung->recipe) ? 1 : 0;
        }
        if ($at < count($short->rungs)) {
            return null;
        }
        $uses = $long->uses;
        foreach ($short->uses as $use) {
            $known = $long->useAt($use->use, $use->step);
            if ($known === null) {
                $uses[] = $use;
            } elseif (! $known->recipe->equals($use->recipe)) {
                return null;
            }
        }

        return $this->withRungs($long->rungs)->withUses($uses);
    }

    /** With one paint in the place of another wherever it stands. */
    public function withPaint(string $paint, Paint $instead): self
    {
        return $this
            ->withRungs(array_map(static fn (Rung $rung): Rung => new Rung($rung->role, $rung->recipe->with($paint, $instead), $rung->cover, $rung->coats), $this->rungs))
            ->withUses(array_map(static fn (UseRecipe $use): UseRecipe => new UseRecipe($use->use, $use->step, $use->recipe->with($paint, $instead)), $this->uses));
    }

    /** @return list<Recipe> of every step and use */
    public function recipes(): array
    {
        return [
            ...array_map(static fn (Rung $rung): Recipe => $rung->recipe, $this->rungs),
            ...array_map(static fn (UseRecipe $use): Recipe => $use->recipe, $this->uses),
        ];
    }

    /** @return list<string> every recipe as it is written */
    public function texts(): array
    {
        return array_map(static fn (Recipe $recipe): string => $recipe->text(), $this->recipes());
    }

    /** @return list<mixed> all that it says, to be compared */
    private static function written(self $ladder): array
    {
        $uses = array_map(static fn (UseRecipe $use): array => [$use->use, $use->step, $use->recipe->text()], $ladder->uses);
        sort($uses);

        return [
            $ladder->area, $ladder->takesSharedLight, $ladder->turn, $ladder->isQuiet,
            array_map(static fn (Rung $rung): array => [$rung->role, $rung->recipe->text(), $rung->cover, $rung->coats], $ladder->rungs),
            $uses,
        ];
    }
}
