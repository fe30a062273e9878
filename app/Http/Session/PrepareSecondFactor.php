<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\SecondFactor;
use App\Http\Shared\AnybodyRequest;

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
