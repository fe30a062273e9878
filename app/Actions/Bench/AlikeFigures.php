<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use Core\Sequence\PaintedAlike;

/** Figures of a unit on which the same is painted with the same paints. */
final readonly class AlikeFigures
{
    /** @param  non-empty-list<ComposedFigure>  $figures */
    public function __construct(
        public array $figures,
        public FigureMixes $mixes,
    ) {
    }

    public function first(): ComposedFigure
    {
        return $this->figures[0];
    }

    /** @return non-empty-list<int> */
    public function ids(): array
    {
        return array_map(static fn (ComposedFigure $figure): int => $figure->id, $this->figures);
    }

    public function painted(): PaintedAlike
    {
        return new PaintedAlike($this->first()->composition, $this->mixes->paints());
    }
}
