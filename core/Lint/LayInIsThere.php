<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Why;

/** A surface that needs a lay-in, and is asked for, has one. */
final readonly class LayInIsThere implements MendableRule
{
    public const CODE = 'no-lay-in';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $needsOne = $standard->surface($requirement->surface)->needsLayIn;
            if ($needsOne && ! $requirement->asksNothing() && ! self::hasLayIn($requirement, $standard)) {
                yield new Finding(self::CODE, $requirement->tier, $requirement->surface);
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$tier} asks for work on {$surface} but for no lay-in; add one, or say that the surface needs none.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::layInFromBelow();
    }

    public function rule(): string
    {
        return 'Light and shade need an even colour under them: a surface that needs a lay-in has at least one use of that group.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    private static function hasLayIn(Requirement $requirement, Standard $standard): bool
    {
        foreach ($requirement->uses as $use) {
            foreach ($use->techniques as $technique) {
                if ($standard->hasTechnique($technique) && $standard->technique($technique)->group === TechniqueGroup::LayIn) {
                    return true;
                }
            }
        }

        return false;
    }
}
