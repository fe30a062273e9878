<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Why;

/** The verdict on a figure, with the weight of each fault. */
final readonly class Judgement
{
    /**
     * @param  list<Weight>  $weights one a fault, in the order given; of a waived fault without severity
     * @param  array{critical: int, major: int, minor: int}  $counts waived faults left out
     * @param  SentBack|null  $sentBack the lead's word, where it stands against the numbers
     */
    public function __construct(
        public array $weights,
        public array $counts,
        public Verdict $verdict,
        public Why $why,
        public ?SentBack $sentBack = null,
    ) {
    }

    /** The same numbers, and the lead who sends the figure back all the same. */
    public function overruled(SentBack $word): self
    {
        $why = new Why([...$this->why->inputs, 'the numbers say' => $this->verdict->value, "{$word->by} says" => $word->reason], "The lead's eye has the last word: sent back with a reason, which stays on record.", Why::COMMON_PRACTICE);

        return new self($this->weights, $this->counts, Verdict::Rework, $why, $word);
    }
}
