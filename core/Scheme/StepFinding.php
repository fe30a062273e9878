<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One thing about the steps that a tier lays on an area, with what would mend it. */
final readonly class StepFinding
{
    /** Of no rung in particular. */
    public const WHOLE = -1;

    /**
     * @param  string  $code of the rule that found it
     * @param  int  $at rung of the ladder, or {@see self::WHOLE}
     * @param  string  $place what tells it from another of its kind on the same area: the use, the mix
     * @param  Suggestion|null  $mend null where only the painter can say what is right
     */
    public function __construct(
        public string $code,
        public int $at,
        public string $sentence,
        public string $place,
        public ?Suggestion $mend = null,
    ) {
    }
}
