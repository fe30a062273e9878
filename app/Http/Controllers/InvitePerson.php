<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\Invite;
use App\Http\Requests\InviteRequest;
use App\Http\Resources\InvitationsResource;

/** Invites somebody by a link. */
final readonly class InvitePerson
{
    public function __construct(private Invite $inviting)
    {
    }

    public function __invoke(InviteRequest $request): InvitationsResource
    {
        [, $token] = $this->inviting->handle($request->person(), $request->string('name')->toString(), $request->string('email')->toString(), $request->role(), $request->signingRank());

        return new InvitationsResource($token);
    }
}
