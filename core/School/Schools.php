<?php

declare(strict_types=1);

namespace Core\School;

/**
 * A studio's choices where practitioners hold to different schools. The narrowest place where a choice
 * was made governs: surface before studio.
 */
final readonly class Schools
{
    /** @param  array<string, string>  $choices choice by question, see {@see SchoolQuestion} */
    public function __construct(public array $choices = [])
    {
    }

    /** Null: nobody has chosen. */
    public function choice(SchoolQuestion $question): ?string
    {
        return $this->choices[$question->value] ?? null;
    }

    /** What was chosen, with what follows from it; null: nobody has chosen. */
    public function taken(SchoolQuestion $question): ?SchoolChoice
    {
        foreach (SchoolBook::choices($question) as $choice) {
            if ($choice->id === $this->choice($question)) {
                return $choice;
            }
        }

        return null;
    }

    /** @param  string|null  $choice null: none of its own */
    public function with(SchoolQuestion $question, ?string $choice): self
    {
        return new self(array_filter([...$this->choices, $question->value => $choice], is_string(...)));
    }

    /** These choices, and the wider ones where these say nothing. */
    public function within(self $wider): self
    {
        return new self($this->choices + $wider->choices);
    }
}
