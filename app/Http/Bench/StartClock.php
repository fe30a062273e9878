<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\Clock;
use App\Models\Unit;

/** Begins the clock of who is signed in, at the bench of a unit. */
final readonly class StartClock
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(ClockRequest $request): ClockResource
    {
        $this->clock->start(Unit::query()->findOrFail($request->integer('unit_id')), $request->person());

        return new ClockResource($request->person());
    }
}
