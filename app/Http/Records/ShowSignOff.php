<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;
use App\Models\SignOff;

/** One sign-off with its record. */
final readonly class ShowSignOff
{
    public function __invoke(AnybodyRequest $request, SignOff $signOff): SignOffResource
    {
        return new SignOffResource($signOff->load(['figure.unit.job', 'signer']));
    }
}
