<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Scheme\Batch;
use Core\Scheme\Recipe;

/** What a step is painted with, and where that was said. */
final readonly class StepRecipe
{
    public const OF_JOB = 'job';

    public const OF_SCHEME = 'scheme';

    public const OF_NOTHING = 'nothing';

    /**
     * @param  int  $step of the use, from 1
     * @param  Batch|null  $batch how much to mix for the figures of the sheet; null where nothing is mixed
     * @param  int|null  $coats that the paint takes to cover, where they are more than the tier asks for
     * @param  int|null  $version of what the job has; null where it has nothing of its own
     */
    public function __construct(
        public int $step,
        public ?Recipe $recipe,
        public string $from,
        public ?Batch $batch = null,
        public ?int $coats = null,
        public ?int $version = null,
    ) {
    }
}
