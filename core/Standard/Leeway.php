<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a use says to people beyond its degree: "two to three coats, until it is even". It changes no computation. */
final readonly class Leeway
{
    /**
     * @param  int|null  $coatsTo at most so many coats; null: as many as asked
     * @param  int|null  $stepsTo at most so many steps
     * @param  string  $note direction, load, brush, when to stop
     */
    public function __construct(
        public ?int $coatsTo = null,
        public ?int $stepsTo = null,
        public string $note = '',
    ) {
    }
}
