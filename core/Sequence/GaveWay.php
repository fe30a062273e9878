<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A step that should have waited for another, which something of greater force does not allow. */
final readonly class GaveWay
{
    public function __construct(
        public Step $step,
        public After $after,
    ) {
    }
}
