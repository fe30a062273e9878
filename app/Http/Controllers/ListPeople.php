<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\PeopleResource;

/** People of the studio. */
final readonly class ListPeople
{
    public function __invoke(AnybodyRequest $request): PeopleResource
    {
        return PeopleResource::of($request->person()->studio);
    }
}
