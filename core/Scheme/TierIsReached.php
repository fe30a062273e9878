<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Tier;

/** The values of an area go as far apart as the tier asks. */
final readonly class TierIsReached implements HoldingRule
{
    public function __construct(private Tier $tier)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        $asked = $this->tier->terms->valueSpan;
        if ($asked === null) {
            return;
        }
        foreach ($figure->ladders as $area => $ladder) {
            // One tone alone is laid where the tier asks for no more.
            if (count($ladder->taken) > 1 && $ladder->span < $asked) {
                yield new SchemeFinding(SchemeFault::SpanShort, (string) $area, ['span' => $ladder->span, 'asked' => $asked, 'tier' => $this->tier->name]);
            }
        }
    }
}
