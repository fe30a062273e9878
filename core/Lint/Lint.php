<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** Reads a standard for contradictions before anybody paints by it. */
final readonly class Lint
{
    /** Time to judge one criterion. Studio setting; this is the default. */
    public const SECONDS_PER_ITEM = 3.0;

    /** @var list<LintRule> contradictions and gaps */
    private array $rules;

    /** @var list<LintRule> what may be meant so, and is worth a second look */
    private array $advisers;

    /** @param  list<string>  $inUse surfaces that running jobs have */
    public function __construct(float $secondsPerItem = self::SECONDS_PER_ITEM, array $inUse = [])
    {
        $this->rules = [
            new TechniquesAreKnown,
            new RequirementsStandOnce,
            new LayInIsThere,
            new WorkIsJudged,
            new SurfacesAreDecided,
            new NothingStepsDown,
            new JudgedNoFurtherAway,
            new LimitsAreNoLooser,
            new WorkFitsTheBudget,
            new LookIsLongEnough($secondsPerItem),
        ];
        $this->advisers = [
            new RunningSurfacesAreDecided($inUse),
            ...WholeIsDecided::all(),
            new UsesAreJudged,
            new TechniquesSuitSurfaces,
            new CriteriaCanBeNoticed,
            new CriteriaFollowTheSchools,
            WhatComesBeforeIsThere::atAll(),
            WhatComesBeforeIsThere::inTime(),
            new LightStepsFitTheMinutes,
            new MinutesDoNotFall,
            new NothingCoversStains,
            new NothingHidesWholeWork,
            new LooksHoldSomething,
        ];
    }

    /** @return list<string> codes of everything that can be found */
    public static function codes(): array
    {
        return array_map(static fn (LintRule $rule): string => $rule->code(), self::all());
    }

    /** The rule that finds what has this code. */
    public static function rule(string $code): LintRule
    {
        foreach (self::all() as $rule) {
            if ($rule->code() === $code) {
                return $rule;
            }
        }

        throw new \LogicException("No rule finds \"{$code}\".");
    }

    /** @return list<LintRule> */
    private static function all(): array
    {
        $lint = new self;

        return [...$lint->rules, ...$lint->advisers];
    }

    /** @return list<Finding> each once */
    public function read(Standard $standard): array
    {
        return self::apply($this->rules, $standard);
    }

    /** @return list<Finding> further findings, each once */
    public function advise(Standard $standard): array
    {
        return self::apply($this->advisers, $standard);
    }

    /**
     * @param  list<LintRule>  $rules
     * @return list<Finding>
     */
    private static function apply(array $rules, Standard $standard): array
    {
        $findings = [];
        foreach ($rules as $rule) {
            foreach ($rule->findings($standard) as $finding) {
                $findings[$finding->place()] ??= $finding;
            }
        }

        return array_values($findings);
    }
}
