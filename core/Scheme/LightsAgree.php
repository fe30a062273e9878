<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ToneWords;

/**
 * All lights of a figure are warm, or all are cold. A light is judged by what it adds: how far it leans from
 * what its base would be in plain white light, which takes away chroma as it lightens, to another hue. Common
 * practice, no source; the measure is from memory.
 */
final readonly class LightsAgree implements HoldingRule
{
    /** Of C*ab: from here on a base has a hue of its own. */
    private const COLOURED = 8.0;

    public function __construct(private float $least)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        $warm = $cold = [];
        foreach ($figure->ladders as $area => $ladder) {
            $lean = self::lean($ladder);
            if ($lean !== null && $lean >= $this->least) {
                $warm[] = (string) $area;
            } elseif ($lean !== null && $lean <= -$this->least) {
                $cold[] = (string) $area;
            }
        }
        if ($warm !== [] && $cold !== []) {
            [$fewer, $more, $are] = count($warm) < count($cold) ? [$warm, $cold, 'warm'] : [$cold, $warm, 'cold'];
            foreach ($fewer as $area) {
                yield new SchemeFinding(SchemeFault::LightsDisagree, $area, ['is' => $are, 'others' => implode(', ', array_slice($more, 0, 4))]);
            }
        }
    }

    private static function lean(TierLadder $ladder): ?float
    {
        $base = $ladder->reading->base()?->lab();
        $last = $ladder->lastLight()?->lab();
        if ($base === null || $last === null || $base->lightness >= 99 || $last->lightness <= $base->lightness) {
            return null;
        }
        $kept = (100 - $last->lightness) / (100 - $base->lightness);
        [$a, $b] = [$last->a - $base->a * $kept, $last->b - $base->b * $kept];
        if ($base->chroma() >= self::COLOURED) {
            // More or less of the base's own hue is neither warm nor cold; what goes past none of it is.
            $along = max(-$kept, ($a * $base->a + $b * $base->b) / $base->chroma() ** 2);
            [$a, $b] = [$a - $along * $base->a, $b - $along * $base->b];
        }

        return ToneWords::warmth($a, $b);
    }
}
