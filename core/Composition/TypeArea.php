<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\School\Schools;
use Core\Standard\Area;
use Core\Standard\OutOfRange;
use Core\Standard\Side;

/** An area as a figure type describes it: what it is, where it sits, and from where it is seen. */
final readonly class TypeArea
{
    /**
     * @param  int  $depth 0 and up, from inner to outer
     * @param  bool  $focal whether it draws the eye
     * @param  list<Side>  $sides from which it is seen
     * @param  list<string>  $neighbours ids of areas it borders on; none: see {@see Neighbours}
     * @param  string|null  $on id of the area that it sits on or in: teeth and eyes on a face, a gem in its setting; null: on none that is known
     * @param  list<string>  $places names of places on it: brow and chin of a face, the points of a diamond; none: nobody has said
     * @param  bool  $isUnsure whether nobody is sure what it is: its surface is a guess
     */
    public function __construct(
        public Area $area,
        public string $part,
        public int $depth,
        public bool $focal,
        public array $sides,
        public array $neighbours = [],
        public ?string $on = null,
        public array $places = [],
        public bool $isUnsure = false,
    ) {
        if ($depth < 0) {
            throw OutOfRange::below('depth', 0, $depth);
        }
    }

    /** The same place, as one of another part. */
    public function within(string $part): self
    {
        return new self($this->area, $part, $this->depth, $this->focal, $this->sides, $this->neighbours, $this->on, $this->places, $this->isUnsure);
    }

    /**
     * The same place, beside which some others are missing.
     *
     * @param  list<string>  $missing ids of areas
     */
    public function beside(array $missing): self
    {
        return new self($this->area, $this->part, $this->depth, $this->focal, $this->sides, array_values(array_diff($this->neighbours, $missing)), $this->on, $this->places, $this->isUnsure);
    }

    /** The same place, where it is another kind of thing. */
    public function of(string $surface): self
    {
        return $this->with(new Area($this->area->id, $surface, $this->area->share, $this->area->features, $this->area->tier, $this->area->schools));
    }

    /** The same place, painted by schools of its own. */
    public function by(Schools $schools): self
    {
        return $this->with(new Area($this->area->id, $this->area->surface, $this->area->share, $this->area->features, $this->area->tier, $schools));
    }

    private function with(Area $area): self
    {
        return new self($area, $this->part, $this->depth, $this->focal, $this->sides, $this->neighbours, $this->on, $this->places, $this->isUnsure);
    }
}
