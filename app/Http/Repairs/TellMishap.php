<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Actions\Repairs\TellMishap as Telling;
use App\Http\Bench\BenchSheetResource;
use App\Models\Figure;

/** Tells of a mishap. */
final readonly class TellMishap
{
    public function __construct(private Telling $telling)
    {
    }

    public function __invoke(MishapRequest $request, Figure $figure): BenchSheetResource
    {
        return new BenchSheetResource($this->telling->handle($figure, $request->told(), $request->person()), $request->person());
    }
}
