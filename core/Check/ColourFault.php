<?php

declare(strict_types=1);

namespace Core\Check;

use Core\NumberText;
use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Why;

/** A colour that is off by a CIEDE2000 difference, at least 0. */
final readonly class ColourFault implements Fault
{
    public function __construct(
        private float $deltaE,
        private bool $waived = false,
    ) {
    }

    public function weigh(Judging $judging): Weight
    {
        $tolerance = $judging->colourTolerance;
        $over = $this->deltaE > $tolerance;
        $difference = NumberText::few($this->deltaE);
        $bound = NumberText::few($tolerance);

        return new Weight(
            $over ? Severity::Major : null,
            $over
                ? "The colour is off by {$difference}, over the tier's tolerance of {$bound}: major."
                : "The colour is off by {$difference}, within the tier's tolerance of {$bound}.",
            new Why(['CIEDE2000 difference' => $difference, 'tolerance of the tier' => $bound], 'A colour further off than the tolerance of the tier is a major fault.', Why::STANDARD),
        );
    }

    public function isWaived(): bool
    {
        return $this->waived;
    }
}
