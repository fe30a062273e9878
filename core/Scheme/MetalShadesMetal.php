<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** A shade is what stays dark: metal paint in it shines there, unless the area is metal itself. */
final readonly class MetalShadesMetal implements StepRule
{
    public const CODE = 'metal-shade';

    public function __construct(
        private Standard $standard,
        private Mending $mending,
    ) {
    }

    public function findings(TierLadder $ladder): iterable
    {
        $isMetal = false;
        $told = [];
        foreach ($ladder->steps as $step) {
            $group = $this->standard->technique($step->use->technique)->group;
            $laysMetal = $step->recipe?->hasMetal() === true;
            $isMetal = $isMetal || ($group === TechniqueGroup::LayIn && $laysMetal);
            if ($laysMetal && ! $isMetal && $group === TechniqueGroup::Shade && ! isset($told[$step->recipe->text()])) {
                $told[$step->recipe->text()] = true;
                yield new StepFinding(
                    self::CODE,
                    $step->rung ?? StepFinding::WHOLE,
                    "\"{$step->recipe->text()}\" is a metal, and {$this->standard->technique($step->use->technique)->name} is what shall stay dark: it will shine there.",
                    $step->recipe->text(),
                    $step->rung === null ? null : $this->mending->otherShade($ladder->reading, $step->rung),
                );
            }
        }
    }

    public function rule(): string
    {
        return 'Metal paint throws light back; it shades nothing but metal.';
    }
}
