<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\ReadChain;
use App\Actions\SignOffs\VerifyChain as VerifyChainAction;
use App\Http\Shared\Answers;
use App\Models\ChainVerification;

/** Has records read again: all, or those that were signed since. One reading at a time; who asks meanwhile is told how far that is. */
#[Answers(status: 202)]
final readonly class VerifyChain
{
    public function __construct(private VerifyChainAction $verifying)
    {
    }

    public function __invoke(VerifyChainRequest $request): ChainResource
    {
        if (ChainVerification::going() === null) {
            $run = $this->verifying->begin($request->boolean('whole'));
            ReadChain::dispatch($run->studio_id, $run->id);
        }

        return new ChainResource(ChainVerification::last(), ChainVerification::going());
    }
}
