<?php

declare(strict_types=1);

namespace Core\Standard;

/** A finding that the studio knows of and leaves as it is, with the reason. */
final readonly class Acceptance
{
    /** @param  string  $code of the finding */
    public function __construct(
        public string $code,
        public string $tier,
        public string $reason,
        public ?string $surface = null,
        public ?string $use = null,
        public string $by = '',
    ) {
    }

    public function covers(string $code, string $tier, ?string $surface, ?string $use): bool
    {
        return $this->code === $code && $this->tier === $tier && $this->surface === $surface && $this->use === $use;
    }
}
