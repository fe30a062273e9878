<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\School\SchoolQuestion;

/**
 * No wash or glaze is thinned with so much water alone that its binder breaks, unless the studio's school is water. A
 * line or a layer may be as thin as it likes. Common practice, no source.
 */
final readonly class WaterHolds implements HoldingRule
{
    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($figure->ladders as $area => $ladder) {
            $told = [];
            foreach ($ladder->steps as $step) {
                $recipe = $step->recipe;
                if ($recipe?->hasTooMuchWater() !== true || isset($told[$recipe->text()]) || ! $figure->isThin($step) || $figure->school((string) $area, SchoolQuestion::Thinner) === 'water') {
                    continue;
                }
                $told[$recipe->text()] = true;
                yield new SchemeFinding(SchemeFault::TooMuchWater, (string) $area, ['recipe' => $recipe->text(), 'water' => $recipe->water]);
            }
        }
    }
}
