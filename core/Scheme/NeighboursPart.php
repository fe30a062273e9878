<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Composition\Neighbours;

/** Areas that are known to touch are apart in value, or a line or a shade along the border parts them. Common practice, no source. */
final readonly class NeighboursPart implements HoldingRule
{
    /** @param  float  $least of L* */
    public function __construct(private float $least)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($this->pairs($figure) as $pair) {
            if ($pair->by === Parting::Nothing) {
                yield new SchemeFinding(SchemeFault::NeighboursAlike, $pair->one, ['other' => $pair->other, 'apart' => $pair->apart, 'least' => $this->least]);
            }
        }
    }

    /** @return list<NeighbourPair> each pair of neighbours once, the least apart first */
    public function pairs(PaintedFigure $figure): array
    {
        $neighbours = new Neighbours($figure->type);
        $pairs = $seen = [];
        foreach ($figure->type->areas as $area) {
            $one = $area->area->id;
            $seen[$one] = true;
            $tone = $figure->tone($one);
            foreach ($neighbours->of($one) as $other) {
                $others = $figure->tone($other);
                if ($tone !== null && $others !== null && ! isset($seen[$other])) {
                    $apart = abs($tone->lightness() - $others->lightness());
                    $pairs[] = new NeighbourPair($one, $other, $apart, $apart >= $this->least ? Parting::Value : (new Border($figure, $this->least))->between($one, $other));
                }
            }
        }
        usort($pairs, static fn (NeighbourPair $a, NeighbourPair $b): int => $a->apart <=> $b->apart);

        return $pairs;
    }
}
