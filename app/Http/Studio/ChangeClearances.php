<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\Clear;
use App\Models\User;

/** Says what somebody may do unsupervised. */
final readonly class ChangeClearances
{
    public function __construct(private Clear $clearing)
    {
    }

    public function __invoke(ClearanceRequest $request, User $user): ClearancesResource
    {
        $this->clearing->handle($user, $request->upTo(), $request->versionRead(), $request->person());

        return new ClearancesResource($user->refresh(), $this->clearing->standard());
    }
}
