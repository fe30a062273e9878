<?php

declare(strict_types=1);

namespace Core\Standard;

/** What is said of a technique for the hand that uses it; words only, no rule reads them. */
final readonly class Handling
{
    /** @param  list<string>  $proneTo faults that it often leaves */
    public function __construct(
        public string $thinning = '',
        public string $tool = '',
        public string $caution = '',
        public string $note = '',
        public array $proneTo = [],
    ) {
    }
}
