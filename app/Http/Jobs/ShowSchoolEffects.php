<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Bench\SchoolEffects;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;
use Core\School\SchoolQuestion;

/** What each choice of a school would do to the sheets of a job. */
final readonly class ShowSchoolEffects
{
    public function __construct(private SchoolEffects $effects)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job, string $question): SchoolEffectsResource
    {
        $asked = SchoolQuestion::tryFrom($question);
        abort_unless($asked?->decidesOrder() === true, 404);

        return new SchoolEffectsResource($asked, $this->effects->of($job, $asked));
    }
}
