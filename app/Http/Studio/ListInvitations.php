<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\LeadRequest;

/** Invitations that may still be used. */
final readonly class ListInvitations
{
    public function __invoke(LeadRequest $request): InvitationsResource
    {
        return new InvitationsResource;
    }
}
