<?php

declare(strict_types=1);

namespace Core\Sequence;

/** One step comes before another, for a reason. */
final readonly class Constraint
{
    /**
     * @param  string  $before id of the step that comes first
     * @param  string  $after id of the step that waits for it
     */
    public function __construct(
        public string $before,
        public string $after,
        public Reason $reason,
        public string $sentence,
    ) {
    }
}
