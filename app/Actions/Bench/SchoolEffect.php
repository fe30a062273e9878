<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\School\SchoolChoice;

/** What a job's sheets are like under one choice of a school. */
final readonly class SchoolEffect
{
    /**
     * @param  SchoolChoice|null  $choice null: nobody has chosen
     * @param  bool  $governs whether it is how the job is painted now
     * @param  list<SheetOrder>  $sheets of the job, each in the order of this choice
     */
    public function __construct(
        public ?SchoolChoice $choice,
        public bool $governs,
        public array $sheets,
    ) {
    }
}
