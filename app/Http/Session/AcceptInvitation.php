<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\Invite;

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
