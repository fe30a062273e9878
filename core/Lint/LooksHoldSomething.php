<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Why;

/** A look between stages has something behind it that waits for it; at the end of all the check looks anyway. */
final readonly class LooksHoldSomething implements MendableRule
{
    public const CODE = 'look-at-the-end';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->uses as $at => $use) {
                $isLook = $standard->hasTechnique($use->techniques[0]) && $standard->technique($use->techniques[0])->look;
                if ($isLook && self::isAtTheEnd($requirement, $at, $use, $standard)) {
                    yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $use->id, ['technique' => $standard->technique($use->techniques[0])->name]);
                }
            }
        }
    }

    public function mend(Finding $finding, Standard $standard): ?Mend
    {
        return $finding->surface === Surface::WHOLE ? Mend::use('stage', TechniqueGroup::Shade->value, 'Look before any shade') : null;
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$finding->arguments['technique']} comes after all else, where the check looks anyway, and nothing waits for it: say before which stage somebody looks.";
    }

    public function rule(): string
    {
        return 'A look between stages comes before something that waits for it.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    private static function isAtTheEnd(Requirement $requirement, int $at, TechniqueUse $use, Standard $standard): bool
    {
        if ($requirement->surface === Surface::WHOLE) {
            return ! ($use->overAll->stage ?? $standard->technique($use->techniques[0])->group)->isBefore(TechniqueGroup::Tidy);
        }

        return $at === count($requirement->uses) - 1;
    }
}
