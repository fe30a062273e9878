<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One finding about a scheme; its words are in {@see SchemeText}. */
final readonly class SchemeFinding
{
    /**
     * @param  string  $area that it is about; empty for the figure as a whole
     * @param  array<string, string|float|int>  $arguments
     */
    public function __construct(
        public SchemeFault $fault,
        public string $area,
        public array $arguments = [],
    ) {
    }

    /** What tells it from another of its kind on the same area: the neighbour, the mix, the side that a hue turns to. */
    public function place(): string
    {
        return match ($this->fault) {
            SchemeFault::NeighboursAlike => (string) $this->arguments['other'],
            SchemeFault::OneFamily => (string) $this->arguments['family'],
            SchemeFault::HueTurns => (string) $this->arguments['to'],
            SchemeFault::LightsDisagree => (string) $this->arguments['is'],
            SchemeFault::AreasDiffer => "{$this->arguments['one']}, {$this->arguments['other']}",
            SchemeFault::SpanShort => (string) $this->arguments['tier'],
            SchemeFault::ManyHues => (string) $this->arguments['hues'],
            SchemeFault::MetalsAlike => (string) $this->arguments['recipe'],
            SchemeFault::TooMuchWater => (string) $this->arguments['recipe'],
        };
    }
}
