<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\Invite;
use App\Actions\Studios\Waiting;
use App\Http\Middleware\ConfirmPassword;
use App\Http\Requests\JoinRequest;
use App\Http\Resources\SessionResource;
use App\Models\CurrentStudio;
use Illuminate\Support\Facades\Auth;

/** Makes the account of who was invited, and signs them in. */
final readonly class AcceptInvitation
{
    public function __construct(private Invite $inviting, private CurrentStudio $studio)
    {
    }

    public function __invoke(JoinRequest $request, string $token): SessionResource
    {
        $user = $this->inviting->accept($token, $request->string('password')->toString());
        Auth::guard('web')->login($user);
        $request->session()->regenerate();
        $request->session()->put(ConfirmPassword::AT, now()->getTimestamp());
        $this->studio->enter($user->studio_id);

        return new SessionResource($user->load('studio'), new Waiting($user));
    }
}
