<?php

declare(strict_types=1);

namespace Document\Member;

/** What people call a member: at its field, in differences, in the head of a column. */
final readonly class Called
{
    /**
     * @param  string  $field label of its field; empty: it has a form of its own
     * @param  string  $section of the form that it stands in
     * @param  string  $unit beside the field
     * @param  float  $step of a number
     * @param  int  $rows of a text; 0: one line
     * @param  string  $changed its name where two versions differ; of a use, with `%s` for the piece; empty: such a difference is told otherwise
     * @param  array{string, string}|null  $switched what is said when it comes to hold, and when it no longer does
     * @param  string|array<string, string>|null  $inHead how it is shown in the head of a column, with `%s` for its value, or by its value; null: it is not
     * @param  array<string, string>  $words what its words are called, where it is something else
     * @param  string  $hint under the field
     */
    public function __construct(
        public string $field = '',
        public string $section = '',
        public string $unit = '',
        public float $step = 1.0,
        public int $rows = 0,
        public string $changed = '',
        public ?array $switched = null,
        public string|array|null $inHead = null,
        public array $words = [],
        public string $hint = '',
    ) {
    }
}
