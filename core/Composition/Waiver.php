<?php

declare(strict_types=1);

namespace Core\Composition;

/** A use left out on one area, with the reason. */
final readonly class Waiver
{
    /** @param  Agreement|null  $agreement null where the figure comes from a document, which names nobody */
    public function __construct(
        public string $area,
        public string $use,
        public string $reason,
        public ?Agreement $agreement = null,
    ) {
        if (trim($reason) === '') {
            throw NoReason::forWaiver($use, $area);
        }
    }
}
