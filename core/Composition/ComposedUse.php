<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Allowance;
use Core\Standard\Area;
use Core\Standard\Extent;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;

/** A use as it will be laid on one area of one figure. */
final readonly class ComposedUse
{
    /**
     * @param  string  $technique the one chosen, else the first
     * @param  float  $minutes on this area, all coats and steps included
     * @param  Growth|null  $growth what a finished figure has of it already; null: nothing
     */
    public function __construct(
        public Area $area,
        public TechniqueUse $use,
        public string $technique,
        public float $minutes,
        public Origin $origin,
        public ?Growth $growth = null,
    ) {
    }

    /** The lay-in of a finished figure again, in one coat on its raised parts. */
    public static function again(self $layIn, float $minutes): self
    {
        $use = $layIn->use;

        return new self($layIn->area, new TechniqueUse($use->id, [$layIn->technique], 1, $use->steps, Extent::Upper, feature: $use->feature, overAll: $use->overAll), $layIn->technique, $minutes, Origin::Again);
    }

    /** As it is laid: the middle colour again is thin, on what is raised, and no rule that names the technique speaks of it. */
    public function techniqueIn(Standard $standard): Technique
    {
        $technique = $standard->technique($this->technique);

        return $this->origin === Origin::Again ? $technique->again() : $technique;
    }

    /**
     * Its degree in words, with how much of it a finished figure has already.
     *
     * @param  list<string>  $places of the figure that its extent means
     */
    public function degree(array $places = []): string
    {
        return implode('; ', array_filter([UseWords::degree($this->use, $places), $this->growth?->inWords() ?? ''], static fn (string $words): bool => $words !== ''));
    }

    /** With so many coats more, each of which takes as long as one of those that are asked for. */
    public function withFurther(int $coats): self
    {
        $further = $this->use->withFurther($coats);

        return $coats === 0 ? $this : new self($this->area, $further, $this->technique, $this->minutes * $further->coats / $this->use->coats, $this->origin, $this->growth);
    }

    /** Minutes on this area, were this allowed for it. */
    public function minutesAllowed(Allowance $allowance, float $size): float
    {
        return $allowance->onArea($this->area->share, $size, $this->area->pieces($this->use->feature));
    }

    /** Minutes where every coat and step that may be laid is laid: two to three coats take up to half as long again. */
    public function minutesAtMost(): float
    {
        $leeway = $this->use->leeway;

        return $this->minutes * ($leeway->coatsTo ?? $this->use->coats) / $this->use->coats * ($leeway->stepsTo ?? $this->use->steps) / $this->use->steps;
    }

    /** @return float pieces of its material on this area: so many an area, or for each piece of its feature; 0 where it takes none */
    public function materialPieces(): float
    {
        return $this->use->material->name === '' ? 0.0 : ($this->use->material->pieces ?? 1.0) * ($this->use->feature === null ? 1 : $this->area->pieces($this->use->feature)) * ($this->use->allowance->likely ?? 1.0);
    }

    /** What a mark at the bench belongs to: the same place, name and degree. */
    public function key(): string
    {
        return json_encode(
            [$this->area->id, $this->use->id, $this->technique, $this->use->coats, $this->use->steps, $this->use->extent->value],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }
}
