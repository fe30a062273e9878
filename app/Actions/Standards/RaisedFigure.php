<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use Core\Composition\RaisePlan;
use Core\Composition\StoppingPlace;
use Core\Sequence\Work;
use Core\Standard\Standard;

/** A figure type raised from a tier to another, with the stopping places on the way. */
final readonly class RaisedFigure
{
    /**
     * @param  string  $from name of the tier
     * @param  string  $to likewise
     * @param  Work  $work what is added, in its order
     * @param  list<StoppingPlace>  $stoppingPlaces
     */
    public function __construct(
        public Standard $standard,
        public string $from,
        public string $to,
        public RaisePlan $plan,
        public Work $work,
        public array $stoppingPlaces,
        public float $wholeMinutes,
    ) {
    }
}
