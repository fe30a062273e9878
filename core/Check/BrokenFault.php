<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Why;

/** A broken, loose or missing part. */
final readonly class BrokenFault implements Fault
{
    public function __construct(private bool $waived = false)
    {
    }

    public function weigh(Judging $judging): Weight
    {
        return new Weight(
            Severity::Critical,
            'A part is broken, loose or missing: critical.',
            new Why([], 'A figure with a broken, loose or missing part does not leave the studio.', Why::COMMON_PRACTICE),
        );
    }

    public function isWaived(): bool
    {
        return $this->waived;
    }
}
