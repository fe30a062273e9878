<?php

declare(strict_types=1);

namespace App\Actions\Groupings;

/** Figures that belong together in one grouping. */
final readonly class Group
{
    /** @param  list<int>  $figures ids */
    public function __construct(
        public string $name,
        public array $figures,
    ) {
    }
}
