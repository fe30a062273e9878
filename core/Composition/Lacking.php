<?php

declare(strict_types=1);

namespace Core\Composition;

/** An area of its type that a figure has not: nothing of it is painted, judged or seen. */
final readonly class Lacking
{
    public function __construct(
        public string $area,
        public string $reason,
        public ?Agreement $agreement = null,
    ) {
    }
}
