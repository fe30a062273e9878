<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * Whether a use of one tier does the work of a use of another.
 *
 * Use N answers use O when they have the same id, or when N's technique has O's among those it
 * replaces. That does not go on from one to the next. Where the method is open, any of N's and any
 * of O's will do.
 */
final readonly class Answering
{
    public function __construct(private Standard $standard)
    {
    }

    public function answers(TechniqueUse $new, TechniqueUse $old): bool
    {
        return $new->id === $old->id || $this->replaces($new, $old);
    }

    /** The use among these that answers the old one: one of the same id before one that replaces it. */
    public function answerAmong(Requirement $requirement, TechniqueUse $old): ?TechniqueUse
    {
        $same = $requirement->use($old->id);
        if ($same !== null) {
            return $same;
        }
        foreach ($requirement->uses as $new) {
            if ($this->replaces($new, $old)) {
                return $new;
            }
        }

        return null;
    }

    private function replaces(TechniqueUse $new, TechniqueUse $old): bool
    {
        foreach ($new->techniques as $id) {
            if (! $this->standard->hasTechnique($id)) {
                continue;
            }
            if (array_intersect($this->standard->technique($id)->replaces, $old->techniques) !== []) {
                return true;
            }
        }

        return false;
    }
}
