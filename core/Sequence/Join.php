<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A part that is joined to another on the way through a sheet, and where the two touch. */
final readonly class Join
{
    /**
     * @param  string  $part as one says it
     * @param  string  $to the part it is joined to, as one says it
     * @param  int  $item after which nothing is left to paint on either, by place on the figure's way
     * @param  list<array{area: string, other: string}>  $contacts areas of the one that touch areas of the other; none: nobody has said where
     */
    public function __construct(
        public string $part,
        public string $to,
        public int $item,
        public array $contacts,
    ) {
    }
}
