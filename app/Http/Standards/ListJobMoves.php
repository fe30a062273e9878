<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Jobs\MoveJob as Moving;
use App\Http\Shared\LeadRequest;
use App\Models\StandardVersion;
use Core\Standard\Currency;

/** What a version would change for each running job. */
final readonly class ListJobMoves
{
    public function __construct(private Moving $moving)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): JobMovesResource
    {
        return new JobMovesResource($this->moving->forecasts($standardVersion), Currency::of($request->person()->studio->currency));
    }
}
