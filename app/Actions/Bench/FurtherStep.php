<?php

declare(strict_types=1);

namespace App\Actions\Bench;

/** How many coats more a step takes on some figures. */
final readonly class FurtherStep
{
    /**
     * @param  non-empty-list<int>  $figures ids
     * @param  int  $coats beyond what is asked for; 0: as asked
     * @param  int  $seen as many as were seen on each of them
     */
    public function __construct(
        public array $figures,
        public string $area,
        public string $use,
        public int $coats,
        public int $seen,
    ) {
    }
}
