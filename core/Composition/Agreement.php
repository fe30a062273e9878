<?php

declare(strict_types=1);

namespace Core\Composition;

/** Who agreed to a variation, who wrote it down, and for which figures. It goes with it wherever it is shown. */
final readonly class Agreement
{
    /**
     * @param  int  $id of the row that keeps it
     * @param  string  $agreedWith outside the studio or in it; empty where nobody was named
     * @param  string  $by who wrote it down
     * @param  int|null  $figure the one figure it was agreed for; null: its whole unit
     * @param  int|null  $price of one figure, in the smallest unit of the currency, at least 0: what is added costs it more, what is left
     *                          out is taken off; null: none was agreed
     */
    public function __construct(
        public int $id,
        public string $agreedWith,
        public string $by,
        public ?int $figure = null,
        public ?int $price = null,
    ) {
    }
}
