<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\Sessions;
use App\Actions\Studios\Log;
use App\Http\Shared\AnybodyRequest;
use App\Models\LogKind;

/** Ends one of the own sessions. */
final readonly class EndSession
{
    public function __invoke(AnybodyRequest $request, string $session): AccountResource
    {
        Sessions::end($request->person(), $session) || abort(404);
        Log::of($request->person(), LogKind::SessionEnded);

        return new AccountResource($request->person(), $request->session()->getId());
    }
}
