<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\AnybodyRequest;

/** People of the studio. */
final readonly class ListPeople
{
    public function __invoke(AnybodyRequest $request): PeopleResource
    {
        return PeopleResource::of($request->person()->studio);
    }
}
