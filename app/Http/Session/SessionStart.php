<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\Studios\Waiting;
use App\Http\Middleware\ConfirmPassword;
use App\Models\CurrentStudio;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Somebody has shown who they are: a session of theirs begins, with the password just said. */
final readonly class SessionStart
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    public function of(User $user, Request $request): SessionResource
    {
        Auth::guard('web')->login($user);
        $request->session()->regenerate();
        ConfirmPassword::note($request);
        $this->studio->enter($user->studio_id);

        return new SessionResource($user->load('studio'), new Waiting($user));
    }
}
