<?php

declare(strict_types=1);

namespace Core\Composition;

/** An area as the quick form takes it. */
final readonly class QuickArea
{
    /** @param  array<array-key, int>  $features pieces by feature */
    public function __construct(
        public string $name,
        public string $surface,
        public QuickWeight $weight,
        public bool $focal = false,
        public array $features = [],
    ) {
    }
}
