<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A place on the way through a sheet where a figure is complete at a lower tier, but for what closes any figure. */
final readonly class Stop
{
    /**
     * @param  string  $tier the lower one
     * @param  int  $item after which it is complete, by place on the figure's way
     * @param  list<PlannedStep|TidyBack>  $still what it needs yet: ground cover, rim, varnish, the last look, tidying
     * @param  float  $minutes of all that comes behind it and is not needed for the lower tier; over 0
     */
    public function __construct(
        public string $tier,
        public int $item,
        public array $still,
        public float $minutes,
    ) {
    }
}
