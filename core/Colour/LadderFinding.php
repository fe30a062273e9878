<?php

declare(strict_types=1);

namespace Core\Colour;

/** One thing wrong with a ladder. */
final readonly class LadderFinding
{
    /** Of the ladder as a whole. */
    public const WHOLE = -1;

    /**
     * @param  int  $at index of the step, or {@see self::WHOLE}
     * @param  int|null  $against index of the step that it was held against; null for the whole
     * @param  float  $is the measure that is wrong: a difference of L*, or a cover
     * @param  float  $bound what it must reach or stay under
     */
    public function __construct(
        public LadderFault $fault,
        public int $at,
        public ?int $against,
        public float $is,
        public float $bound,
    ) {
    }
}
