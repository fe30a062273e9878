<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\SignOff;
use App\Models\Unit;
use Core\Composition\Composition;
use Core\Composition\Figure as CoreFigure;
use Core\Composition\FigureType;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** A figure as it was signed: at its tier, under the version of the standard that held for it then. */
final readonly class SignedFigure
{
    /**
     * @param  Composition  $done what is on it, without what was excused at the bench
     */
    public function __construct(
        public SignOff $record,
        public Unit $unit,
        public StoredFigure $row,
        public CoreFigure $figure,
        public FigureType $type,
        public Agreed $agreed,
        public Standard $standard,
        public Composition $done,
    ) {
    }

    public function tier(): Tier
    {
        return $this->standard->tier($this->figure->tier);
    }
}
