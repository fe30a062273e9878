<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Scheme\AreaLadder;

/** A list of paints by use as the ladders that it becomes. */
final readonly class ReadList
{
    /**
     * @param  list<array{type: string, ladder: AreaLadder}>  $ladders with the key of the type that differs; empty for any
     * @param  list<LandedLine>  $lines each line of the list, in its order
     */
    public function __construct(
        public array $ladders,
        public array $lines,
    ) {
    }
}
