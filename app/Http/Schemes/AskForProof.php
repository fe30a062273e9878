<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Papers\PaperResource;
use App\Http\Shared\Answers;
use App\Models\Scheme;
use App\Papers\AskForProof as AskForProofAction;

/** Has the proof plates of a figure in a scheme's colours made as PDF, and says how far that is. */
#[Answers(status: 202)]
final readonly class AskForProof
{
    public function __construct(private AskForProofAction $asking)
    {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): PaperResource
    {
        return new PaperResource($this->asking->handle($request->person(), $scheme, $request->type())->refresh());
    }
}
