<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** A tier that asks for several lights gets as many: the last is not laid again as if it were the next. */
final readonly class LightsGoOn implements StepRule
{
    public const CODE = 'light-again';

    public function __construct(
        private Standard $standard,
        private Mending $mending,
    ) {
    }

    public function findings(TierLadder $ladder): iterable
    {
        $asked = 0;
        $given = [];
        foreach ($ladder->steps as $step) {
            if ($step->rung !== null && $this->standard->technique($step->use->technique)->group === TechniqueGroup::Light) {
                $asked++;
                $given[$step->rung] = true;
            }
        }
        $last = array_key_last($given);
        if ($last === null || count($given) === $asked || $ladder->reading->rungs[$last]->rung->role !== RungRole::Light) {
            return;
        }
        yield new StepFinding(
            self::CODE,
            $last,
            sprintf('%d lights are asked for at this tier, %s: the last is laid again.', $asked, count($given) === 1 ? 'one is given' : count($given).' are given'),
            count($given)." of {$asked}",
            $ladder->reading->rungs[$last]->recipe->hasMetal() ? null : $this->mending->nextLightOf($ladder->reading),
        );
    }

    public function rule(): string
    {
        return 'Each light is lighter than the one before and covers less; the same colour again is no further light.';
    }
}
