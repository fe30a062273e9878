<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Bench\Mixes;
use App\Actions\Composing\ComposedFigure;
use App\Actions\FigureTypes\DrawnSides;

/**
 * The figures of a quote in the colours of their scheme on the day it is made: from the front where their type is laid out as
 * pictures, by plates of some areas where it is not. What looks alike is shown once, with the units of which it is.
 *
 * @phpstan-import-type OfferedFigure from QuoteContent
 * @phpstan-import-type OfferedPlates_ from QuoteContent
 */
final readonly class OfferedColours
{
    public function __construct(
        private Mixes $mixes,
        private DrawnSides $sides,
    ) {
    }

    /** @return array{figures: list<OfferedFigure>, plates: list<OfferedPlates_>} in the order of the units; nothing of figures of which no area has its colours */
    public function of(QuoteReading $reading): array
    {
        $shown = array_map(static fn (QuotedFigures $quoted): ComposedFigure => $quoted->first(), $reading->lines);
        $fronts = $this->sides->fronts(array_map(static fn (ComposedFigure $figure): int => $figure->typeId(), $shown));
        $figures = $plates = $units = [];
        foreach ($this->mixes->ofAll($shown) as $i => $mixes) {
            $figure = $shown[$i];
            $front = $fronts[$figure->typeId()] ?? null;
            $picture = $front === null ? OfferedPlates::of($figure, $mixes, $reading->standard) : OfferedFront::of($figure, $front, $mixes->colour(...));
            if ($picture === null) {
                continue;
            }
            $key = json_encode($picture, JSON_THROW_ON_ERROR);
            $units[$key][$figure->unit->name] = $figure->unit->name;
            if (isset($picture['tier'])) {
                $plates[$key] = [...$picture, 'units' => array_values($units[$key])];
            } else {
                $figures[$key] = [...$picture, 'units' => array_values($units[$key])];
            }
        }

        return ['figures' => array_values($figures), 'plates' => array_values($plates)];
    }
}
