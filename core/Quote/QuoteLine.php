<?php

declare(strict_types=1);

namespace Core\Quote;

/** Figures of a unit that cost the same. Amounts in the smallest unit of the currency. */
final readonly class QuoteLine
{
    /**
     * @param  int  $figures over 0
     * @param  int  $each price of one, at least 0
     */
    public function __construct(
        public string $unit,
        public string $type,
        public string $tier,
        public int $figures,
        public int $each,
    ) {
    }

    public function sum(): int
    {
        return $this->figures * $this->each;
    }
}
