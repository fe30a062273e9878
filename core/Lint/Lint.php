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
            new UsesAreJudged,
            new CriteriaCanBeNoticed,
            new CriteriaFollowTheSchools,
            new WhatComesBeforeIsThere,
            new LightStepsFitTheMinutes,
            new MinutesDoNotFall,
        ];
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
