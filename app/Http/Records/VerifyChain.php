<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\VerifyChain as VerifyChainAction;
use App\Http\Shared\AnybodyRequest;

/** Reads every record again and says whether the chain holds. */
final readonly class VerifyChain
{
    public function __construct(private VerifyChainAction $verifying)
    {
    }

    public function __invoke(AnybodyRequest $request): ChainResource
    {
        return new ChainResource($this->verifying->keep());
    }
}
