<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FurtherCoats;
use Core\Composition\RaisePlan;

/** What is painted on a figure here and now, and what lies on it in the end. */
final readonly class PaintedHere
{
    /** Equal where the same is painted, and the same is asked; worked out once for all that are alike. */
    public string $signature;

    /** @param  RaisePlan|null  $plan of a figure that comes back */
    private function __construct(
        public Figure $figure,
        public Composition $work,
        public Composition $layers,
        public ?RaisePlan $plan = null,
    ) {
        $this->signature = $work->signature();
    }

    public static function all(Figure $figure, Composition $asked): self
    {
        return new self($figure, $asked, $asked);
    }

    /** It came finished: it is judged, and not painted. */
    public static function nothing(Figure $figure, Composition $asked): self
    {
        return new self($figure, new Composition([], $asked->criteria, $asked->undecided, $asked->notAsked, 0.0), $asked);
    }

    public static function added(Raised $raised, Figure $figure, FurtherCoats $further): self
    {
        return new self($figure, $further->on($raised->work), $raised->layers, $raised->plan);
    }
}
