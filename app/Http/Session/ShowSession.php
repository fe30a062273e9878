<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\Studios\Waiting;
use App\Http\Shared\AnybodyRequest;

/** Who is signed in. */
final readonly class ShowSession
{
    public function __invoke(AnybodyRequest $request): SessionResource
    {
        return new SessionResource($request->person(), new Waiting($request->person()));
    }
}
