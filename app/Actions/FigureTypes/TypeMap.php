<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use Core\Mapping\SideMap;

/** A side of a figure type as it is laid out, with what it was outlined on. */
final readonly class TypeMap
{
    /** @param  string|null  $picture name of a file of the studio; null: on nothing */
    public function __construct(
        public SideMap $map,
        public ?string $picture,
    ) {
    }
}
