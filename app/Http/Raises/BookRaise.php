<?php

declare(strict_types=1);

namespace App\Http\Raises;

use App\Actions\Jobs\CreateJob;
use App\Actions\Raises\BookRaise as Booking;
use App\Actions\Transaction;
use App\Http\Jobs\JobResource;
use App\Http\Shared\Answers;
use App\Models\Job;
use App\Models\SignOff;

/** Books signed figures to be raised. */
#[Answers(201)]
final readonly class BookRaise
{
    public function __construct(private Booking $booking, private CreateJob $jobs)
    {
    }

    public function __invoke(BookRaiseRequest $request): JobResource
    {
        return new JobResource(Transaction::run(function () use ($request): Job {
            $into = $request->into();
            $job = $into ?? $this->newJob($request);

            return $this->booking->handle($request->records(), $request->string('to')->toString(), $job, $into === null ? $job->version : $request->versionRead(), $request->person());
        })->refresh());
    }

    /** Of the force that the first of them belongs to. */
    private function newJob(BookRaiseRequest $request): Job
    {
        $first = SignOff::query()->with('figure.unit.job.force')->findOrFail($request->records()[0]);

        return $this->jobs->handle($request->string('name')->toString(), $request->string('client')->toString(), $first->figure->unit->job->force->name, $request->due(), null)->refresh();
    }
}
