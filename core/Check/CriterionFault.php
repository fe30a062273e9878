<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Why;

/** A criterion that does not hold. It carries its own severity. */
final readonly class CriterionFault implements Fault
{
    /** @param  Side|null  $side where it was seen, when that was said */
    public function __construct(
        private Severity $severity,
        private ?Side $side = null,
        private bool $waived = false,
    ) {
    }

    public function weigh(Judging $judging): Weight
    {
        return SideRule::unlessUncounted($this->side, $judging) ?? new Weight(
            $this->severity,
            "The criterion does not hold; the standard calls that {$this->severity->value}.",
            new Why(['severity of the criterion' => $this->severity->value], 'A criterion that does not hold has the severity that the standard gives it.', Why::STANDARD),
        );
    }

    public function isWaived(): bool
    {
        return $this->waived;
    }
}
