<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Why;

/** A use has a technique that does well on its surface: a drybrush is for what is rough, not for smooth cloth. What is poor on what is a setting of the technique. */
final readonly class TechniquesSuitSurfaces implements LintRule
{
    public const CODE = 'poor-on';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            if (! $standard->hasSurface($requirement->surface)) {
                continue;
            }
            foreach ($requirement->uses as $use) {
                if ($this->areAllPoor($standard, $use, $requirement->surface)) {
                    yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $use->id, ['technique' => $standard->technique($use->techniques[0])->name]);
                }
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$finding->arguments['technique']} does badly on {$surface}: take another technique, or say that it is meant so.";
    }

    public function rule(): string
    {
        return 'A technique is used on the kinds of surface that it is good for; where the method is left open, at least one of them is.';
    }

    public function source(): string
    {
        return Why::STUDIO_SETTING;
    }

    private function areAllPoor(Standard $standard, TechniqueUse $use, string $surface): bool
    {
        $shape = $standard->surface($surface)->drawnAs();
        foreach ($use->techniques as $id) {
            if (! $standard->hasTechnique($id) || ! in_array($shape, $standard->technique($id)->poorOn, true)) {
                return false;
            }
        }

        return true;
    }
}
