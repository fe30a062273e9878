<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\ChangePerson as ChangePersonAction;
use App\Http\Shared\LeadVersionRequest;
use App\Models\User;

/** Ends an account. */
final readonly class EndAccount
{
    public function __construct(private ChangePersonAction $changing)
    {
    }

    public function __invoke(LeadVersionRequest $request, User $user): PeopleResource
    {
        $this->changing->end($user, $request->versionRead(), $request->person());

        return PeopleResource::of($request->person()->studio);
    }
}
