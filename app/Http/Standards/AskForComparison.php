<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Papers\PaperResource;
use App\Http\Shared\Answers;
use App\Models\StandardVersion;
use App\Papers\AskForComparison as AskForComparisonAction;

/** Has two tiers side by side made as PDF, and says how far that is. */
#[Answers(status: 202)]
final readonly class AskForComparison
{
    public function __construct(private AskForComparisonAction $asking)
    {
    }

    public function __invoke(ComparisonRequest $request, StandardVersion $standardVersion): PaperResource
    {
        return new PaperResource($this->asking->handle($request->person(), $standardVersion, $request->leftTier(), $request->otherVersion() ?? $standardVersion, $request->rightTier())->refresh());
    }
}
