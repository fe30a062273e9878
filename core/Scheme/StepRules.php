<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;
use Core\Why;

/** All that the steps of a tier are read for, area by area. Common practice, no source. */
final readonly class StepRules
{
    /** @var list<StepRule> */
    private array $rules;

    /** @param  string  $tier that lays the steps */
    public function __construct(Standard $standard, string $tier, Mending $mending)
    {
        $this->rules = [
            new UsesHaveColours($standard, $tier, $mending),
            new LightsGoOn($standard, $mending),
            new StainsLetThrough($standard),
            new ShadesShrink($mending),
            new MetalShadesMetal($standard, $mending),
        ];
    }

    /** @return list<array{finding: StepFinding, why: Why}> */
    public function read(TierLadder $ladder): array
    {
        $found = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->findings($ladder) as $finding) {
                $found[] = ['finding' => $finding, 'why' => new Why([], $rule->rule(), Why::COMMON_PRACTICE)];
            }
        }

        return $found;
    }
}
