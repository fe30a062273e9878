<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredFigure;
use Core\Sequence\PaintedAlike;
use Core\Standard\Standard;

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

    /** @param  array<int, StoredFigure>  $rows of them all, by id */
    public function readAgain(array $rows): self
    {
        return new self(array_map(static fn (ComposedFigure $figure): ComposedFigure => $figure->readAgain($rows[$figure->id]), $this->figures), $this->mixes);
    }

    /**
     * Of the sheet that some share, by what is painted on them.
     *
     * @param  non-empty-list<self>  $sharing
     */
    public static function key(array $sharing): string
    {
        $keys = array_map(static fn (self $one): string => $one->first()->likeKey(), $sharing);
        sort($keys);

        return count($keys) === 1 ? $keys[0] : "{$sharing[0]->first()->unit->id}-".substr(hash('sha256', implode(' ', $keys)), 0, 12);
    }

    /**
     * @param  list<self>  $sharing
     * @return list<string> names of their tiers, the lowest first
     */
    public static function tiers(array $sharing, Standard $standard): array
    {
        $tiers = [];
        foreach ($sharing as $one) {
            $tier = $standard->tier($one->first()->figure->tier);
            $tiers[$tier->rank] = $tier->name;
        }
        ksort($tiers);

        return array_values($tiers);
    }

    public function painted(): PaintedAlike
    {
        return new PaintedAlike($this->first()->composition, $this->mixes->paints());
    }
}
