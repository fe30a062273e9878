<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Scheme\Mending;
use Core\Scheme\PaintedFigure;
use Core\Scheme\SchemeFinding;
use Core\Scheme\SchemeRules;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** A scheme on one figure type at one tier, and all that is found. */
final readonly class SchemeReading
{
    /**
     * @param  array<string, FigureType>  $types of the force, by key
     * @param  list<SchemeFinding>  $findings about the figure
     * @param  list<SchemeFinding>  $acrossForce areas of one name that differ
     */
    public function __construct(
        public Scheme $scheme,
        public SchemeLadders $ladders,
        public Standard $standard,
        public array $types,
        public string $type,
        public Tier $tier,
        public Composition $composition,
        public PaintedFigure $figure,
        public SchemeRules $rules,
        public Mending $mending,
        public array $findings,
        public array $acrossForce,
    ) {
    }
}
