<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Studios\Waiting;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\TodayResource;

/** What waits for who is signed in. */
final readonly class ShowToday
{
    public function __invoke(AnybodyRequest $request): TodayResource
    {
        return new TodayResource(new Waiting($request->person()));
    }
}
