<?php

declare(strict_types=1);

namespace Core\Standard;

/** A sentence that is true or false of what is seen. */
final readonly class Criterion
{
    /**
     * @param  list<string>|null  $uses ids of the uses it judges; null or empty: the whole area
     * @param  string|null  $feature asked only of areas that have this piece
     */
    public function __construct(
        public string $id,
        public string $text,
        public Severity $severity,
        public ?array $uses = null,
        public ?string $feature = null,
    ) {
    }
}
