<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\AnybodyRequest;

/** When everybody sits at the bench. */
final readonly class ListHours
{
    public function __invoke(AnybodyRequest $request): HoursResource
    {
        return new HoursResource($request->person()->studio, $request->person());
    }
}
