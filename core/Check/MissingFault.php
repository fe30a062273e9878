<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Why;

/** Something asked for was not done. Critical unless said otherwise: the client pays for it. */
final readonly class MissingFault implements Fault
{
    public function __construct(
        private Severity $severity = Severity::Critical,
        private ?Side $side = null,
        private bool $waived = false,
    ) {
    }

    public function weigh(Judging $judging): Weight
    {
        return SideRule::unlessUncounted($this->side, $judging) ?? new Weight(
            $this->severity,
            "Asked for and not done: {$this->severity->value}.",
            new Why(['severity' => $this->severity->value], 'What the tier asks for and the figure has not is critical unless said otherwise.', Why::COMMON_PRACTICE),
        );
    }

    public function isWaived(): bool
    {
        return $this->waived;
    }
}
