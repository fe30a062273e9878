<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use Core\Composition\FigureType;

/** A figure type of a job as the core knows it, and the key by which schemes name it. */
final readonly class StoredType
{
    public function __construct(
        public int $id,
        public string $key,
        public FigureType $type,
    ) {
    }
}
