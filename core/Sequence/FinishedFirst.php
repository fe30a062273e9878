<?php

declare(strict_types=1);

namespace Core\Sequence;

/** What a figure has already lies under all that is added to it. */
final readonly class FinishedFirst implements OrderRule
{
    /** @param  string  $finished id of the technique that stands for what an area has */
    public function __construct(private string $finished)
    {
    }

    public function wishes(Steps $steps): iterable
    {
        $finished = array_filter($steps->all, $this->isFinished(...));
        foreach ($finished as $first) {
            foreach ($steps->all as $step) {
                if (! $this->isFinished($step)) {
                    yield new OrderWish($first->number, $step->number, OrderForce::Standard);
                }
            }
        }
    }

    private function isFinished(Step $step): bool
    {
        return $step->technique->id === $this->finished;
    }
}
