<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\UnitEstimates;
use App\Http\Shared\AnybodyRequest;
use App\Models\Unit;

/** What a unit takes as a batch. */
final readonly class EstimateUnit
{
    public function __construct(private UnitEstimates $estimates)
    {
    }

    public function __invoke(AnybodyRequest $request, Unit $unit): UnitEstimateResource
    {
        return new UnitEstimateResource($this->estimates->of($unit->loadMissing('job')));
    }
}
