<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\Invite;

/** An invitation, for who has its link. */
final readonly class ShowInvitation
{
    public function __invoke(string $token): JoinResource
    {
        return new JoinResource(Invite::open($token));
    }
}
