<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What is said of an area: by which scheme, of which figures, and like which other area. */
final readonly class SaidLadder
{
    /**
     * @param  int  $key that the row it stands in is known by
     * @param  int  $scheme that says it
     * @param  string  $type key of the figure type that it is said of; empty: any
     * @param  string  $sameAs area whose colours it takes, but for what it says itself; empty: none
     * @param  string  $surface what the area is here, such as bare metal where others have painted plate; empty: as its figure type has it
     */
    public function __construct(
        public int $key,
        public int $scheme,
        public string $type,
        public AreaLadder $ladder,
        public string $sameAs = '',
        public string $surface = '',
    ) {
    }

    public function with(AreaLadder $ladder): self
    {
        return new self($this->key, $this->scheme, $this->type, $ladder, $this->sameAs, $this->surface);
    }
}
