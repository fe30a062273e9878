<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;
use App\Models\ChainVerification;

/** Whether the chain of records holds, as far as it was read last. */
final readonly class ShowChain
{
    public function __invoke(AnybodyRequest $request): ChainResource
    {
        return new ChainResource(ChainVerification::last(), ChainVerification::going());
    }
}
