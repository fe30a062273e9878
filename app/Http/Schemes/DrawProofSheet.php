<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Http\Shared\DrawnResource;
use App\Models\Scheme;

/** Draws the plates of a proof sheet on and says how far it is; asked again until all are drawn, the paper is quick. */
final readonly class DrawProofSheet
{
    public function __construct(
        private ReadScheme $reading,
        private ProofSheet $paper,
    ) {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): DrawnResource
    {
        return new DrawnResource($this->paper->drawFor(DrawnResource::SECONDS, $this->reading->handle($scheme, $request->type(), null)));
    }
}
