<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\Job;
use Core\Assignment\Found;

/** Who could paint what of a job, and who should. */
final readonly class PaintersOfJob
{
    /**
     * @param  list<PaintingPerson>  $people who sit at the bench
     * @param  list<PaintingRow>  $rows
     */
    public function __construct(
        public Job $job,
        public array $people,
        public array $rows,
        public Found $found,
    ) {
    }

    /** Whom a unit should be given to; null: nobody may be asked. */
    public function proposed(PaintingRow $row): ?int
    {
        return $this->found->assignment->of[$row->id()] ?? null;
    }
}
