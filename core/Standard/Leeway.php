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
     * @param  string  $onlyIf when it is done at all: "the steps are too stark"; empty: always
     * @param  list<string>|null  $notPlaces names of places that it leaves out: "round the eyes"
     * @param  string  $inTurnWith use of the same requirement whose steps take turns with these, mix by mix; empty: none
     */
    public function __construct(
        public ?int $coatsTo = null,
        public ?int $stepsTo = null,
        public string $note = '',
        public string $onlyIf = '',
        public ?array $notPlaces = null,
        public string $inTurnWith = '',
    ) {
    }

    /** With at least so many coats where it says how many there may be. */
    public function upTo(int $coats): self
    {
        return $this->coatsTo === null ? $this : new self(max($coats, $this->coatsTo), $this->stepsTo, $this->note, $this->onlyIf, $this->notPlaces, $this->inTurnWith);
    }

    /** Whether it may turn out that it is not needed. */
    public function isConditional(): bool
    {
        return $this->onlyIf !== '';
    }
}
