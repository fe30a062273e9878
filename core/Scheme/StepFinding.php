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
     * @param  Suggestion|null  $mend null where only the painter can say what is right
     */
    public function __construct(
        public string $code,
        public int $at,
        public string $sentence,
        public ?Suggestion $mend = null,
    ) {
    }
}
