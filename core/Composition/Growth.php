<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Leeway;
use Core\Standard\TechniqueUse;

/** A use of which a finished figure has a part: the rest of it is laid, what is there stays. Common practice, no source. */
final readonly class Growth
{
    public function __construct(
        private TechniqueUse $done,
        private TechniqueUse $wanted,
    ) {
    }

    /** The part that is laid. Where it reaches further than before, or both coats and steps are more, all of it is. */
    public function rest(): TechniqueUse
    {
        $use = $this->wanted;
        $leeway = new Leeway(note: $use->leeway->note, onlyIf: $use->leeway->onlyIf, notPlaces: $use->leeway->notPlaces, inTurnWith: $use->leeway->inTurnWith);

        return new TechniqueUse(
            $use->id,
            $use->techniques,
            $this->isWhole() || $this->coats() === 0 ? $use->coats : $this->coats(),
            $this->isWhole() || $this->steps() === 0 ? $use->steps : $this->steps(),
            $use->extent,
            $use->allowance,
            $use->cover,
            $use->places,
            $use->feature,
            $leeway,
            $use->overAll,
            $use->material,
        );
    }

    /** How many of its steps are on the figure and are not laid again. */
    public function stepsThere(): int
    {
        return $this->wanted->steps - $this->rest()->steps;
    }

    /** What is there, and what comes to it. */
    public function inWords(): string
    {
        if ($this->isWider()) {
            return "Reached {$this->done->extent->inWords()} so far, now {$this->wanted->extent->inWords()}; what is there stays.";
        }
        if ($this->isWhole()) {
            return "{$this->wanted->coats} coats and {$this->wanted->steps} steps where {$this->done->coats} and {$this->done->steps} are.";
        }
        [$more, $what, $there] = $this->steps() > 0 ? [$this->steps(), 'step', $this->done->steps] : [$this->coats(), 'coat', $this->done->coats];

        return "{$more} {$what}".($more === 1 ? '' : 's')." more; {$there} ".($there === 1 ? 'is' : 'are').' there.';
    }

    private function isWhole(): bool
    {
        return $this->isWider() || ($this->coats() > 0 && $this->steps() > 0);
    }

    private function isWider(): bool
    {
        return $this->done->extent->isNarrowerThan($this->wanted->extent);
    }

    private function coats(): int
    {
        return max(0, $this->wanted->coats - $this->done->coats);
    }

    private function steps(): int
    {
        return max(0, $this->wanted->steps - $this->done->steps);
    }
}
