<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\HandOver as HandOverAction;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\FigureResource;
use App\Models\Figure;

/** Hands a figure over to be checked. */
final readonly class HandOver
{
    public function __construct(private HandOverAction $handing)
    {
    }

    public function __invoke(AnybodyRequest $request, Figure $figure): FigureResource
    {
        return new FigureResource($this->handing->handle($figure, $request->person()));
    }
}
