<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What a ladder says otherwise than the one that it lies over, rung by rung. */
final readonly class LadderDifference
{
    private RungPairs $pairs;

    public function __construct(
        private AreaLadder $own,
        private AreaLadder $beneath,
    ) {
        $this->pairs = RungPairs::between($beneath->rungs, $own->rungs);
    }

    /** Whether a rung of the ladder is not as the other has it. */
    public function differs(int $at): bool
    {
        $stood = $this->stoodFor($at);

        return $stood === null || ! $stood->equals($this->own->rungs[$at]);
    }

    /** The rung that the other has in the place of this one; null where it has none. */
    public function stoodFor(int $at): ?Rung
    {
        $place = $this->pairs->from[$at];

        return $place === null ? null : $this->beneath->rungs[$place];
    }

    /** @return list<array{at: int, rung: Rung}> rungs of the other that this ladder leaves out, and before which of its own they would stand */
    public function leftOut(): array
    {
        $left = [];
        $at = count($this->own->rungs);
        foreach (array_reverse($this->pairs->to, true) as $place => $mine) {
            if ($mine === null) {
                array_unshift($left, ['at' => $at, 'rung' => $this->beneath->rungs[$place]]);
            } else {
                $at = $mine;
            }
        }

        return $left;
    }

    /** What the other has a use painted with, where that is not what this ladder has; null where both say the same, or it says nothing. */
    public function useStoodFor(UseRecipe $own): ?Recipe
    {
        $stood = $this->beneath->useAt($own->use, $own->step)?->recipe;

        return $stood?->equals($own->recipe) === true ? null : $stood;
    }
}
