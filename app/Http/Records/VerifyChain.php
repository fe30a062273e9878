<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\VerifyChain as VerifyChainAction;
use App\Models\ChainVerification;

/** Reads records again, a step of them at a time: all, or those that were signed since. */
final readonly class VerifyChain
{
    public function __construct(private VerifyChainAction $verifying)
    {
    }

    public function __invoke(VerifyChainRequest $request): ChainResource
    {
        $run = $this->verifying->goOn($request->run() ?? $this->verifying->begin($request->boolean('whole')));

        return new ChainResource(ChainVerification::last(), $run->finished ? null : $run);
    }
}
