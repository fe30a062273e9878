<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\SecondFactor;
use App\Http\Shared\AnybodyRequest;

/** Turns the second factor off. */
final readonly class TurnOffSecondFactor
{
    public function __construct(private SecondFactor $second)
    {
    }

    public function __invoke(AnybodyRequest $request): AccountResource
    {
        $this->second->turnOff($request->person());

        return new AccountResource($request->person()->refresh(), $request->session()->getId());
    }
}
