<?php

declare(strict_types=1);

namespace Core\Composition;

/** The technique taken where the standard leaves the method open. */
final readonly class Choice
{
    public function __construct(
        public string $area,
        public string $use,
        public string $technique,
    ) {
    }
}
