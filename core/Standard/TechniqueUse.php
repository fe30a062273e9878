<?php

declare(strict_types=1);

namespace Core\Standard;

/** A technique, or a choice of techniques, with its degree, under a name of its own. */
final readonly class TechniqueUse
{
    /**
     * @param  string  $id unique within the requirement
     * @param  non-empty-list<string>  $techniques one, or those of which the job takes one; the first unless chosen
     * @param  int  $coats at least 1
     * @param  int  $steps at least 1
     * @param  float|null  $cover share of the area it covers, over 0 to 1; shown only
     * @param  list<string>|null  $places names that say more exactly where; shown only
     * @param  string|null  $feature asked only of areas that have this piece
     * @param  OverAll|null  $overAll when and where it is laid over the figure as one; null for a use on an area
     */
    public function __construct(
        public string $id,
        public array $techniques,
        public int $coats = 1,
        public int $steps = 1,
        public Extent $extent = Extent::Every,
        public Allowance $allowance = new Allowance,
        public ?float $cover = null,
        public ?array $places = null,
        public ?string $feature = null,
        public Leeway $leeway = new Leeway,
        public ?OverAll $overAll = null,
        public Material $material = new Material,
    ) {
        if ($coats < 1) {
            throw OutOfRange::below('coats', 1, $coats);
        }
        if ($steps < 1) {
            throw OutOfRange::below('steps', 1, $steps);
        }
        if ($leeway->coatsTo !== null && $leeway->coatsTo < $coats) {
            throw OutOfRange::below('coats_to', $coats, $leeway->coatsTo);
        }
        if ($leeway->stepsTo !== null && $leeway->stepsTo < $steps) {
            throw OutOfRange::below('steps_to', $steps, $leeway->stepsTo);
        }
        if ($allowance->each > 0 && $feature === null) {
            throw EachWithoutFeature::ofUse($id);
        }
    }

    /** The same under another name. */
    public function named(string $id): self
    {
        return new self($id, $this->techniques, $this->coats, $this->steps, $this->extent, $this->allowance, $this->cover, $this->places, $this->feature, $this->leeway, $this->overAll, $this->material);
    }

    /** The same with so many coats more; as many as that may be laid then, whatever was said before. */
    public function withFurther(int $coats): self
    {
        return new self($this->id, $this->techniques, $this->coats + $coats, $this->steps, $this->extent, $this->allowance, $this->cover, $this->places, $this->feature, $this->leeway->upTo($this->coats + $coats), $this->overAll, $this->material);
    }

    public function leavesMethodOpen(): bool
    {
        return count($this->techniques) > 1;
    }

    public function mayTake(string $technique): bool
    {
        return in_array($technique, $this->techniques, true);
    }

    /** Whether this asks for fewer coats or steps, or a narrower extent, than the other. */
    public function asksLessThan(self $other): bool
    {
        return $this->coats < $other->coats
            || $this->steps < $other->steps
            || $this->extent->isNarrowerThan($other->extent);
    }
}
