<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Actions\Repairs\EndMishap as Ending;
use App\Http\Bench\BenchSheetResource;
use App\Models\Mishap;

/** Says how a mishap ended. */
final readonly class EndMishap
{
    public function __construct(private Ending $ending)
    {
    }

    public function __invoke(EndMishapRequest $request, Mishap $mishap): BenchSheetResource
    {
        return new BenchSheetResource($this->ending->handle($mishap, $request->end(), $request->person()), $request->person());
    }
}
