<?php

declare(strict_types=1);

namespace Core\School;

/** One way to answer a question of the schools: what it is for, and what follows from it. */
final readonly class SchoolChoice
{
    /**
     * @param  string  $for what it is good for
     * @param  string  $order what follows for the order of work; empty: nothing
     * @param  string  $criteria what follows for how it is judged; empty: nothing
     * @param  string  $repair what follows for mending; empty: nothing
     * @param  string  $rule by which the steps of a figure are put in order; empty: by none
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $for,
        public string $order = '',
        public string $criteria = '',
        public string $repair = '',
        public string $rule = '',
    ) {
    }
}
