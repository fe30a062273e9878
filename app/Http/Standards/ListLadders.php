<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StartingLadders;
use App\Http\Shared\AnybodyRequest;

/** Starting ladders for a new studio. */
final readonly class ListLadders
{
    public function __invoke(AnybodyRequest $request): LaddersResource
    {
        return new LaddersResource(StartingLadders::all());
    }
}
