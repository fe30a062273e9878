<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\SecondFactor;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SecondFactorResource;

/** Makes a secret for an app. */
final readonly class PrepareSecondFactor
{
    public function __construct(private SecondFactor $second)
    {
    }

    public function __invoke(AnybodyRequest $request): SecondFactorResource
    {
        return new SecondFactorResource($this->second->prepare($request->person()), $request->person());
    }
}
