<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\School\SchoolQuestion;
use Core\School\Schools;

/** The kind of thing an area is. */
final readonly class Surface
{
    /** The surface of what is done to the figure as a whole. */
    public const WHOLE = 'whole';

    /**
     * @param  string  $group of like surfaces, to look at them together; no rule reads it
     * @param  Schools  $schools choices made for this surface only
     * @param  bool  $isQuiet whether an area of it need not reach the span of its tier by itself, though it draws the eye
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $needsLayIn = true,
        public string $note = '',
        public string $group = '',
        public ?PlateShape $plate = null,
        public Schools $schools = new Schools,
        public bool $isQuiet = false,
    ) {
    }

    /** What its proof plate is drawn as. */
    public function drawnAs(): PlateShape
    {
        return $this->plate ?? PlateShape::usual($this->id);
    }

    /** What is drawn as bare metal, and what says itself when its metals are painted. */
    public function isMetal(): bool
    {
        return $this->drawnAs() === PlateShape::Blade || $this->schools->choice(SchoolQuestion::Metals) !== null;
    }

    /** What the figure stands on. */
    public function isGroundCover(): bool
    {
        return $this->drawnAs() === PlateShape::Ground;
    }

    /** @return list<SchoolQuestion> of those that are chosen area by area, what is asked of such an area */
    public function questions(): array
    {
        return array_values(array_filter(SchoolQuestion::ofAreas(), fn (SchoolQuestion $question): bool => match ($question) {
            SchoolQuestion::Metals => $this->isMetal(),
            default => $this->isGroundCover(),
        }));
    }

    public function isRim(): bool
    {
        return $this->drawnAs() === PlateShape::Rim;
    }
}
