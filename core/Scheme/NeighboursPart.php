<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Composition\Neighbours;

/** Neighbours are apart in value, or a dark line parts them. Common practice, no source. */
final readonly class NeighboursPart implements HoldingRule
{
    public function __construct(private float $least)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($this->pairs($figure) as [$one, $other, $apart, $isLined]) {
            if ($apart < $this->least && ! $isLined) {
                yield new SchemeFinding(SchemeFault::NeighboursAlike, $one, ['other' => $other, 'apart' => $apart, 'least' => $this->least]);
            }
        }
    }

    /** @return list<array{string, string, float, bool}> each pair of neighbours once, the least apart first: areas, L* between them, whether a dark line parts them */
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
                    $pairs[] = [$one, $other, abs($tone->lightness() - $others->lightness()), $figure->isLined($one) || $figure->isLined($other)];
                }
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $pairs;
    }
}
