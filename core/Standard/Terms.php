<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a tier promises and how it is dealt with, beside how it is judged. */
final readonly class Terms
{
    /**
     * @param  float|null  $valueSpan difference of L* between the darkest and the lightest value to reach, 0 to 100
     * @param  bool  $sampling whether long runs may be checked by a sample
     * @param  bool  $photograph whether a photograph belongs to the record
     */
    public function __construct(
        public ?Purpose $purpose = null,
        public ?float $valueSpan = null,
        public ?Price $price = null,
        public bool $sampling = false,
        public bool $photograph = false,
        public Checker $checker = Checker::Deputy,
        public string $note = '',
    ) {
        if ($valueSpan !== null && ($valueSpan < 0 || $valueSpan > 100)) {
            throw OutOfRange::outside('value span', '0 to 100', $valueSpan);
        }
    }
}
