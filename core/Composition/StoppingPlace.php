<?php

declare(strict_types=1);

namespace Core\Composition;

/** How far a figure must be painted at a higher tier until it is complete at a lower one. */
final readonly class StoppingPlace
{
    /**
     * @param  string  $tier the lower one
     * @param  array<string, string>  $after by area, the id of the use after which it is complete there
     * @param  list<array{area: string, use: string}>  $missing uses of the lower tier that the higher never does as far
     * @param  float  $minutes of all uses up to there
     * @param  array<string, list<string>>  $asked by area, ids of the uses up to there that the lower tier asks for
     */
    public function __construct(
        public string $tier,
        public array $after,
        public array $missing,
        public float $minutes,
        public array $asked = [],
    ) {
    }

    /** Whether the lower tier asks for a use of the higher. */
    public function asksFor(string $area, string $use): bool
    {
        return in_array($use, $this->asked[$area] ?? [], true);
    }

    public function isPassed(): bool
    {
        return $this->missing === [];
    }
}
