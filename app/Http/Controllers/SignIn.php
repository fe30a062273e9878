<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NotRight;
use App\Actions\Studios\Waiting;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\SessionResource;
use App\Models\CurrentStudio;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** Signs somebody in, with a session of its own. */
final readonly class SignIn
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    public function __invoke(SignInRequest $request): SessionResource
    {
        $tried = ['email' => mb_strtolower($request->string('email')->toString()), 'password' => $request->string('password')->toString()];
        if (! Auth::guard('web')->attempt($tried)) {
            throw NotRight::at('/password', 'wrong-password', 'The address or the password is not right.');
        }
        $request->session()->regenerate();
        /** @var User $user */
        $user = Auth::guard('web')->user();
        $this->studio->enter($user->studio_id);

        return new SessionResource($user->load('studio'), new Waiting($user));
    }
}
