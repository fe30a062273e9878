<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\PingResource;
use Illuminate\Support\Facades\Auth;

/** Ends the session. */
final readonly class SignOut
{
    public function __invoke(AnybodyRequest $request): PingResource
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new PingResource;
    }
}
