<?php

declare(strict_types=1);

namespace App\Export;

/** How many pictures of a paper are drawn already, of how many. */
final readonly class Drawn
{
    public function __construct(
        public int $drawn,
        public int $of,
    ) {
    }
}
