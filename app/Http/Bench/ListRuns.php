<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchRuns;
use App\Http\Shared\AnybodyRequest;

/** What who is signed in can paint in one run over several sheets. */
final readonly class ListRuns
{
    public function __construct(private BenchRuns $runs)
    {
    }

    public function __invoke(AnybodyRequest $request): BenchRunsResource
    {
        return new BenchRunsResource($this->runs->of($request->person()));
    }
}
