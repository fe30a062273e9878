<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use Core\Check\FaultKind;
use Core\Standard\Side;

/** A flaw that a checker sees: where, and how large. */
final readonly class NotedFlaw
{
    private const BROKEN = 'broken';

    /**
     * @param  string  $flaw patch, overspill, stray-dot, wide-line, or broken
     * @param  float  $size in millimetres; of a broken part it says nothing
     */
    public function __construct(
        public string $flaw,
        public string $area,
        public Side $side,
        private float $size,
        public string $note,
    ) {
    }

    public function kind(): FaultKind
    {
        return $this->flaw === self::BROKEN ? FaultKind::Broken : FaultKind::Flaw;
    }

    public function sizeMm(): ?float
    {
        return $this->flaw === self::BROKEN ? null : $this->size;
    }
}
