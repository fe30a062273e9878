<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ChangePerson as ChangePersonAction;
use App\Http\Requests\LeadVersionRequest;
use App\Http\Resources\PeopleResource;
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
