<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\School\Schools;

/** A sentence that is true or false of what is seen. */
final readonly class Criterion
{
    /**
     * @param  list<string>|null  $uses ids of the uses it judges; null or empty: the whole area
     * @param  string|null  $feature asked only of areas that have this piece
     * @param  float|null  $sizeMm the smallest thing that it speaks of, in millimetres, over 0
     * @param  Schools  $presumes the choices of schools under which it makes sense
     */
    public function __construct(
        public string $id,
        public string $text,
        public Severity $severity,
        public ?array $uses = null,
        public ?string $feature = null,
        public ?float $sizeMm = null,
        public Schools $presumes = new Schools,
    ) {
        if ($sizeMm !== null && $sizeMm <= 0) {
            throw OutOfRange::notOver('size in millimetres', 0, $sizeMm);
        }
    }

    /** Whether it speaks of this use: a criterion that names no uses judges its whole area. */
    public function judges(string $use): bool
    {
        return $this->uses === null || $this->uses === [] || in_array($use, $this->uses, true);
    }
}
