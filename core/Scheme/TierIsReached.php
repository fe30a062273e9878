<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Tier;

/**
 * The values of a figure go as far apart as its tier asks. Nothing is said before most of it has its colours. Areas that
 * draw the eye must do so by themselves: that is told of their ladders ({@see TierLadder::shortOf()}).
 */
final readonly class TierIsReached implements HoldingRule
{
    /**
     * @param  float  $usual difference of L* where the tier asks for none in particular
     * @param  float  $from share of what is seen that must have its colours before the figure is judged, 0 to 1
     */
    public function __construct(
        private Tier $tier,
        private float $usual,
        private float $from,
    ) {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        $span = $figure->span();
        if ($span < $this->asked() && $figure->saysItsSpan() && $figure->coloured() >= $this->from) {
            yield new SchemeFinding(SchemeFault::SpanShort, '', ['span' => $span, 'asked' => $this->asked(), 'tier' => $this->tier->name]);
        }
    }

    /** @return float of L* */
    public function asked(): float
    {
        return $this->tier->terms->valueSpan ?? $this->usual;
    }
}
