<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\JobState;
use Core\Standard\Purpose;

/** What is said of a job as it shall be. */
final readonly class JobSaid
{
    /**
     * @param  string|null  $force name; null: it stays
     * @param  string|null  $due date as YYYY-MM-DD; null: none
     * @param  string|null  $notes null: they stay
     * @param  Purpose|null  $purpose null: it stays
     */
    public function __construct(
        public string $name,
        public string $client,
        public ?string $force,
        public ?string $due,
        public ?string $notes,
        public JobState $state,
        public ?Purpose $purpose = null,
    ) {
    }
}
