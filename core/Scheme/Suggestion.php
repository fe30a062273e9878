<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What would mend a finding of a ladder: a step put in, a step mixed otherwise, or one laid less widely. */
final readonly class Suggestion
{
    /**
     * @param  int  $at place among the rungs
     * @param  bool  $inserts whether the rung comes in before what stands there, or in its place
     * @param  string  $sentence such as "2 : 1 with Gull White gives L* 71"
     */
    public function __construct(
        public int $at,
        public bool $inserts,
        public Rung $rung,
        public string $sentence,
    ) {
    }
}
