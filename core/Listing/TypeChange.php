<?php

declare(strict_types=1);

namespace Core\Listing;

/** One thing in which a figure type is another than it was. */
final readonly class TypeChange
{
    /** @param  string|null  $area name; null: of the figure as one */
    public function __construct(
        public ?string $area,
        public string $what,
    ) {
    }
}
