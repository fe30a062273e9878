<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LeadRequest;
use App\Http\Resources\InvitationsResource;

/** Invitations that may still be used. */
final readonly class ListInvitations
{
    public function __invoke(LeadRequest $request): InvitationsResource
    {
        return new InvitationsResource;
    }
}
