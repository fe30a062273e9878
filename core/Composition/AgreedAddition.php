<?php

declare(strict_types=1);

namespace Core\Composition;

/** That a use of another tier is laid on one area, with the reason. */
final readonly class AgreedAddition
{
    /** @param  string  $tier id of the tier that asks the use of this surface */
    public function __construct(
        public string $area,
        public string $tier,
        public string $use,
        public string $reason,
        public ?Agreement $agreement = null,
    ) {
        if (trim($reason) === '') {
            throw NoReason::forAddition($use, $area);
        }
    }
}
