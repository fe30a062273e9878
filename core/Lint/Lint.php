<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** Reads a standard for contradictions before anybody paints by it. */
final readonly class Lint
{
    /** Time to judge one criterion. Studio setting; this is the default. */
    public const SECONDS_PER_ITEM = 3.0;

    /** @var list<LintRule> */
    private array $rules;

    public function __construct(float $secondsPerItem = self::SECONDS_PER_ITEM)
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
    }

    /** @return list<Finding> each once */
    public function read(Standard $standard): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->findings($standard) as $finding) {
                $findings[$finding->place()] ??= $finding;
            }
        }

        return array_values($findings);
    }
}
