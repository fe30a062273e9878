<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\Clock;
use App\Http\Shared\AnybodyRequest;

/** Ends the clock of who is signed in. */
final readonly class StopClock
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(AnybodyRequest $request): ClockResource
    {
        $this->clock->stop($request->person());

        return new ClockResource($request->person());
    }
}
