<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Studios\Waiting;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SessionResource;

/** Who is signed in. */
final readonly class ShowSession
{
    public function __invoke(AnybodyRequest $request): SessionResource
    {
        return new SessionResource($request->person(), new Waiting($request->person()));
    }
}
