<?php

declare(strict_types=1);

namespace App\Actions\Planning;

/** A unit in the hands of one painter. */
final readonly class PaintingCell
{
    /**
     * @param  float  $minutes by hand, at their pace
     * @param  bool|null  $isCleared for all of it; null: nothing is said of them
     * @param  list<string>  $not what they are not cleared for: technique and tier
     * @param  string  $bar why it is not proposed; empty: it may be
     */
    public function __construct(
        public float $minutes,
        public ?bool $isCleared,
        public array $not,
        public string $bar,
    ) {
    }
}
