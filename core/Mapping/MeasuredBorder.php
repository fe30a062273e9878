<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\NumberText;
use Core\Standard\Side;

/** Two areas that border on each other in the pictures. */
final readonly class MeasuredBorder
{
    /**
     * @param  non-empty-list<Side>  $sides from which they do
     * @param  float  $length of the longest such line, in heights of the figure
     */
    public function __construct(
        public string $area,
        public string $other,
        public array $sides,
        public float $length,
    ) {
    }

    /** As one says it: where they meet, and along how much. */
    public function words(): string
    {
        $sides = implode(', ', array_map(static fn (Side $side): string => $side->value, $this->sides));

        return "they meet in the picture ({$sides}), along ".NumberText::percent($this->length).' of the height';
    }
}
