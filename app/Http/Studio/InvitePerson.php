<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\Invite;
use App\Actions\People\MailInvitation;
use App\Http\Shared\Answers;

/** Invites somebody by a link, which is shown, and mailed where a mail server is set up. */
#[Answers(201)]
final readonly class InvitePerson
{
    public function __construct(
        private Invite $inviting,
        private MailInvitation $mailing,
    ) {
    }

    public function __invoke(InviteRequest $request): InvitationsResource
    {
        [$invitation, $token] = $this->inviting->handle($request->person(), $request->string('name')->toString(), $request->string('email')->toString(), $request->role(), $request->signingRank());
        $link = rtrim(config()->string('app.url'), '/')."/join/{$token}";

        return new InvitationsResource($link, $this->mailing->handle($invitation, $link));
    }
}
