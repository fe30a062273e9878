<?php

declare(strict_types=1);

namespace Core\Quote;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\Difficulty;
use Core\Composition\Figure;
use Core\NumberText;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\Tier;
use Core\Why;

/** What a figure takes by hand, from least to most, beside what its tier has for such a figure. Common practice, no source. */
final readonly class Estimate
{
    /** Nobody reads half a minute. */
    private const ROUNDING = 0.5;

    /** Share of the budget by which it may be over and nobody says so: an estimate is no nearer than that. */
    private const NEARER = 0.1;

    /**
     * @param  float  $minutes by hand
     * @param  float  $most with every coat and step that may be laid
     * @param  float|null  $budget of its tier, for its size; null: the tier has none, or what is painted is only a part of it
     * @param  float  $size of its class, whatever its sculpt
     * @param  array<string, float>  $byGroup minutes by the stage of the work, in the order of laying
     */
    private function __construct(
        public float $minutes,
        public float $most,
        public ?float $budget,
        private Tier $tier,
        private float $size,
        private Difficulty $difficulty,
        private array $byGroup,
    ) {
    }

    /**
     * @param  bool  $isWhole whether all of it is painted, not only what comes to a finished figure
     * @param  Difficulty  $difficulty of its sculpt, for which no tier has more
     */
    public static function of(Figure $figure, Composition $composition, Standard $standard, bool $isWhole = true, Difficulty $difficulty = Difficulty::Usual): self
    {
        $size = $figure->size / $difficulty->factor();
        $tier = $standard->tier($figure->tier);
        $byGroup = [];
        foreach (TechniqueGroup::cases() as $group) {
            $minutes = array_sum(array_map(static fn (ComposedUse $use): float => $standard->technique($use->technique)->group === $group ? $use->minutes : 0.0, $composition->uses));
            if ($minutes > 0) {
                $byGroup[$group->value] = $minutes;
            }
        }

        return new self($composition->minutes, $composition->minutesAtMost(), $isWhole && ! $tier->byAgreement && $tier->budgetMinutes > 0 ? $tier->budgetMinutes * $size : null, $tier, $size, $difficulty, $byGroup);
    }

    public function isOver(): bool
    {
        return $this->budget !== null && $this->minutes > $this->budget * (1 + self::NEARER);
    }

    public function why(): Why
    {
        $inputs = array_map(NumberText::minutes(...), $this->byGroup) + ['by hand' => NumberText::minutes($this->minutes)];
        if ($this->most > $this->minutes + self::ROUNDING) {
            $inputs['with every coat and step that may be laid'] = NumberText::minutes($this->most);
        }
        if ($this->budget !== null) {
            $inputs["{$this->tier->name} has for such a figure"] = NumberText::minutes($this->budget);
        }
        $inputs['size, a foot figure is 1'] = NumberText::few($this->size);
        if ($this->difficulty !== Difficulty::Usual) {
            $inputs["sculpt, {$this->difficulty->inWords()}"] = round($this->difficulty->factor() * 100).' % of the time';
        }
        $inputs['last look, not among them'] = NumberText::minutes($this->tier->lookMinutes);

        return new Why(
            $inputs,
            'Each use takes what is fixed, what each piece takes, and its share of the figure times its size and how its sculpt takes the brush. Tidying back, mixing and cleaning, drying and the pace of a painter are on the bench sheet and in the plan. The budget of a tier is for a foot figure, and goes with the size, not with the sculpt; a tenth more is not told, for no estimate is nearer.',
            Why::COMMON_PRACTICE,
        );
    }
}
