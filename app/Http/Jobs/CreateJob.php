<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\CreateJob as CreateJobAction;
use App\Http\Shared\Answers;

/** Books a job. */
#[Answers(201)]
final readonly class CreateJob
{
    public function __construct(private CreateJobAction $create)
    {
    }

    public function __invoke(CreateJobRequest $request): JobResource
    {
        return new JobResource($this->create->handle(
            $request->string('name')->toString(),
            $request->string('client')->toString(),
            $request->string('force')->toString(),
            $request->due(),
            $request->standardVersion(),
            $request->purpose(),
        )->refresh());
    }
}
