<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Severity;
use Core\Standard\Side;

/** A fault as it was written down: in a check that runs, or in a record that was sealed. */
final readonly class FoundFault
{
    /**
     * @param  Severity|null  $severity of a criterion or of something missing, as the standard or the trade has it
     * @param  float|null  $sizeMm of a flaw
     */
    public function __construct(
        public FaultKind $kind,
        public ?Severity $severity = null,
        public ?Side $side = null,
        public ?Zone $zone = null,
        public ?float $sizeMm = null,
        public bool $waived = false,
    ) {
    }

    public function weighed(): Fault
    {
        return match ($this->kind) {
            FaultKind::Criterion => new CriterionFault($this->severity ?? Severity::Critical, $this->side, $this->waived),
            FaultKind::Missing => new MissingFault($this->severity ?? Severity::Critical, $this->side, $this->waived),
            FaultKind::Flaw => new FlawFault($this->sizeMm ?? 0.0, $this->zone ?? Zone::Plain, $this->side ?? Side::Front, null, $this->waived),
            FaultKind::Broken => new BrokenFault($this->waived),
            FaultKind::SentBack => new SentBackFault,
        };
    }
}
