<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\Invite;
use App\Http\Requests\JoinRequest;
use App\Http\Resources\SessionResource;
use App\Http\SessionStart;

/** Makes the account of who was invited, and signs them in. */
final readonly class AcceptInvitation
{
    public function __construct(private Invite $inviting, private SessionStart $session)
    {
    }

    public function __invoke(JoinRequest $request, string $token): SessionResource
    {
        $user = $this->inviting->accept($token, $request->string('password')->toString());

        return $this->session->of($user, $request);
    }
}
