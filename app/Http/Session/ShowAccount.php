<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;

/** Who is signed in sees their own account. */
final readonly class ShowAccount
{
    public function __invoke(AnybodyRequest $request): AccountResource
    {
        return new AccountResource($request->person(), $request->hasSession() ? $request->session()->getId() : '');
    }
}
