<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Tier;

/** All that a painted figure is asked for, to hold together. */
final readonly class HoldingTogether
{
    public function __construct(private SchemeRules $rules)
    {
    }

    /** @return list<SchemeFinding> */
    public function findings(PaintedFigure $figure, Tier $tier): array
    {
        $findings = [];
        foreach ($this->all($tier) as $rule) {
            array_push($findings, ...$rule->findings($figure));
        }

        return $findings;
    }

    public function span(Tier $tier): TierIsReached
    {
        return new TierIsReached($tier, $this->rules->ladder->minSpan, $this->rules->familyFrom);
    }

    /** @return list<HoldingRule> */
    private function all(Tier $tier): array
    {
        return [
            $this->span($tier),
            new NeighboursPart($this->rules->neighbourStep),
            new NoFamilyRules($this->rules->familyLimit, $this->rules->familyFrom),
            new HuesAreFew($this->rules->addedHues, $this->rules->figureHues),
            new MetalsVary($this->rules->brightMetal),
            new HueKeeps($this->rules->turnDegrees),
            new LightsAgree($this->rules->lightWarmth),
            new WaterHolds,
        ];
    }
}
