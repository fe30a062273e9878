<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/** The head of a chain at the time it was signed. */
final readonly class Anchor
{
    /** @param  string  $place where it lies, as a sentence begins with it */
    public function __construct(
        public int $number,
        public string $hash,
        public bool $baseline,
        public bool $isGenuine,
        public string $place,
    ) {
    }
}
