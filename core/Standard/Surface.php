<?php

declare(strict_types=1);

namespace Core\Standard;

/** The kind of thing an area is. */
final readonly class Surface
{
    /** The surface of what is done to the figure as a whole. */
    public const WHOLE = 'whole';

    public function __construct(
        public string $id,
        public string $name,
        public bool $needsLayIn = true,
    ) {
    }
}
