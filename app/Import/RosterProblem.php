<?php

declare(strict_types=1);

namespace App\Import;

/** What is wrong with one cell of a roster. */
final readonly class RosterProblem
{
    /** @param  int  $line as an editor counts it, from 1 */
    public function __construct(
        public int $line,
        public string $column,
        public string $code,
        public string $message,
    ) {
    }
}
