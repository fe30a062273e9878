<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\SecondFactor;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\AccountResource;

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
