<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\StartingLadders;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\LaddersResource;

/** Starting ladders for a new studio. */
final readonly class ListLadders
{
    public function __invoke(AnybodyRequest $request): LaddersResource
    {
        return new LaddersResource(StartingLadders::all());
    }
}
