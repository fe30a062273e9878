<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** What running jobs have is decided at every tier that is offered. */
final readonly class RunningSurfacesAreDecided implements MendableRule
{
    public const CODE = 'undecided-in-use';

    /** @param  list<string>  $inUse surfaces that running jobs have */
    public function __construct(private array $inUse)
    {
    }

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->tiersByRank() as $tier) {
            foreach ($standard->surfaces as $surface) {
                if ($tier->isCompared() && in_array($surface->id, $this->inUse, true) && $standard->requirement($tier->id, $surface->id) === null) {
                    yield new Finding(self::CODE, $tier->id, $surface->id);
                }
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "Running jobs have {$surface}, and {$tier} says nothing of it.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::notAsked();
    }

    public function rule(): string
    {
        return 'A surface on the bench waits for an answer.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
