<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use Document\Standard\Piece;

/** A new value for one piece of a draft, and the revision of it that was read. */
final readonly class PieceChange
{
    /**
     * @param  array<array-key, mixed>|null  $value null takes the piece away
     * @param  int  $revisionRead 0 for a piece that was not there
     * @param  string  $pointer where the value stands in what was sent
     */
    public function __construct(
        public Piece $piece,
        public ?array $value,
        public int $revisionRead,
        public string $pointer = '',
    ) {
    }
}
