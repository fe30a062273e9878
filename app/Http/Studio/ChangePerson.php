<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\ChangePerson as ChangePersonAction;
use App\Models\User;

/** Changes what somebody may do. */
final readonly class ChangePerson
{
    public function __construct(private ChangePersonAction $changing)
    {
    }

    public function __invoke(RoleRequest $request, User $user): PeopleResource
    {
        $this->changing->role($user, $request->role(), $request->signingRank(), $request->versionRead(), $request->person());

        return PeopleResource::of($request->person()->studio);
    }
}
