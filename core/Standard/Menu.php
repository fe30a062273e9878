<?php

declare(strict_types=1);

namespace Core\Standard;

/** Uses of a requirement of which a job chooses some. */
final readonly class Menu
{
    /**
     * @param  non-empty-list<string>  $uses ids of uses of the requirement
     * @param  int|null  $choose how many of them the tier includes, at least 1; null: by agreement
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $uses,
        public ?int $choose = null,
    ) {
        if ($choose !== null && $choose < 1) {
            throw OutOfRange::below('number to choose', 1, $choose);
        }
    }

    /** What is left to choose, as it is said to people. */
    public function words(): string
    {
        return $this->name.($this->choose === null ? ', by agreement' : ", {$this->choose} of ".count($this->uses));
    }

    /**
     * The uses that are taken: those chosen, else the first so many. By agreement: only those chosen.
     *
     * @param  list<string>  $chosen ids of uses that the job names
     * @return list<string>
     */
    public function taken(array $chosen): array
    {
        $ofThis = array_values(array_intersect($this->uses, $chosen));

        return $ofThis !== [] ? $ofThis : array_slice($this->uses, 0, $this->choose ?? 0);
    }
}
