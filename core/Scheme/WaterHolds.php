<?php

declare(strict_types=1);

namespace Core\Scheme;

/** No wash or glaze is thinned with so much water alone that its binder breaks. Common practice, no source. */
final readonly class WaterHolds implements HoldingRule
{
    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($figure->ladders as $area => $ladder) {
            $told = [];
            foreach ($ladder->reading->area->recipes() as $recipe) {
                if ($recipe->hasTooMuchWater() && ! isset($told[$recipe->text()])) {
                    $told[$recipe->text()] = true;
                    yield new SchemeFinding(SchemeFault::TooMuchWater, (string) $area, ['recipe' => $recipe->text(), 'water' => $recipe->water]);
                }
            }
        }
    }
}
