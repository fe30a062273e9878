<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Models\BenchMark;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Paint;
use App\Models\SchemeArea;
use App\Models\SignOff;
use App\Models\StandardVersion;

/** The way of a new studio from nothing to its first signed figure. */
enum FirstStep: string
{
    case Standard = 'standard';
    case Paints = 'paints';
    case FigureTypes = 'figure-types';
    case Roster = 'roster';
    case Scheme = 'scheme';
    case Bench = 'bench';
    case Record = 'record';

    public function isDone(): bool
    {
        return match ($this) {
            self::Standard => StandardVersion::inForce() !== null,
            self::Paints => Paint::query()->exists(),
            self::FigureTypes => FigureType::query()->exists(),
            self::Roster => Figure::query()->exists(),
            self::Scheme => SchemeArea::query()->exists(),
            self::Bench => BenchMark::query()->exists(),
            self::Record => SignOff::query()->exists(),
        };
    }
}
