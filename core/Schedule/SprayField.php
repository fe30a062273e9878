<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * Fields of one paint that are laid in by brush one after another, and what they would take by spray: setting up and cleaning
 * once for the batch, and on each figure a mask at each neighbour that must not be hit.
 */
final readonly class SprayField
{
    public float $bySpray;

    /** With fewer figures than these the brush is quicker; null: with any number. */
    public ?int $from;

    /**
     * @param  non-empty-list<string>  $areas ids of the fields
     * @param  int  $line of the sheet where they begin
     * @param  bool  $first whether that is reckoned for being laid before any other colour, and not where it stands
     * @param  list<string>  $masked ids of neighbours that have paint by then, or need their own ground
     * @param  int  $figures at least 1
     * @param  float  $byBrush minutes on all of them
     */
    public function __construct(
        public array $areas,
        public int $line,
        public string $paint,
        public bool $first,
        public array $masked,
        public int $figures,
        public float $byBrush,
        SprayTimes $times,
    ) {
        $masks = count($masked) * $times->mask;
        $once = $times->setup + $times->clean;
        $this->bySpray = $once + $byBrush * $times->share + $figures * $masks;
        $saved = $byBrush / $figures * (1 - $times->share) - $masks;
        $this->from = $saved > 0 ? (int) floor($once / $saved + 1e-9) + 1 : null;
    }

    /** Whether it is quicker than the brush for the whole batch. */
    public function pays(): bool
    {
        return $this->from !== null && $this->figures >= $this->from;
    }
}
