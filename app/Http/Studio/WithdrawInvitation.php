<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\Invite;
use App\Http\Shared\LeadRequest;
use App\Models\Invitation;

/** Withdraws an invitation. */
final readonly class WithdrawInvitation
{
    public function __construct(private Invite $inviting)
    {
    }

    public function __invoke(LeadRequest $request, Invitation $invitation): InvitationsResource
    {
        $this->inviting->withdraw($invitation, $request->person());

        return new InvitationsResource;
    }
}
