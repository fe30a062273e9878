<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Criterion;
use Core\Standard\Severity;

/** A use that was handed over without being done, with who says why. */
final readonly class ExcusedUse
{
    /**
     * @param  string  $use its id on the area
     * @param  string  $name the technique with its degree, in words
     * @param  string  $agreedWith empty where nobody was named
     */
    public function __construct(
        public string $area,
        public string $use,
        public string $name,
        public Excuse $as,
        public string $reason,
        public string $by,
        public string $agreedWith = '',
    ) {
    }

    /** What is asked about it in a check: whether it is so. */
    public function asCriterion(): Criterion
    {
        $agreed = $this->agreedWith === '' ? '' : ", agreed with {$this->agreedWith}";

        return new Criterion($this->use, "{$this->name}: {$this->as->words()}{$agreed}. {$this->by} says: {$this->reason}", Severity::Critical, [$this->use]);
    }
}
