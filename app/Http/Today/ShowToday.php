<?php

declare(strict_types=1);

namespace App\Http\Today;

use App\Actions\Studios\Waiting;
use App\Http\Shared\AnybodyRequest;

/** What waits for who is signed in. */
final readonly class ShowToday
{
    public function __invoke(AnybodyRequest $request): TodayResource
    {
        return new TodayResource(new Waiting($request->person()));
    }
}
