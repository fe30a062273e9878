<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One finding about a scheme; its words are in {@see SchemeText}. */
final readonly class SchemeFinding
{
    /**
     * @param  string  $area that it is about; empty for the figure as a whole
     * @param  array<string, string|float|int>  $arguments
     */
    public function __construct(
        public SchemeFault $fault,
        public string $area,
        public array $arguments = [],
    ) {
    }
}
