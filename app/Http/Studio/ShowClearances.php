<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\Clear;
use App\Http\Shared\CheckerRequest;
use App\Models\User;

/** What somebody may do unsupervised. */
final readonly class ShowClearances
{
    public function __construct(private Clear $clearing)
    {
    }

    public function __invoke(CheckerRequest $request, User $user): ClearancesResource
    {
        return new ClearancesResource($user, $this->clearing->standard());
    }
}
