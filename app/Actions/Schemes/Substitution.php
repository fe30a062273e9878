<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Scheme\Substitute;

/** One paint for another, and the ladders that it touches. */
final readonly class Substitution
{
    /** @param  list<TouchedLadder>  $touched */
    public function __construct(
        public string $paint,
        public Substitute $substitute,
        public array $touched,
        public bool $taken,
    ) {
    }
}
