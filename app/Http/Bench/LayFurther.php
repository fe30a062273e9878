<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\LayFurther as Laying;

/** Says how many coats more a step takes on some figures of a sheet. */
final readonly class LayFurther
{
    public function __construct(private Laying $laying)
    {
    }

    public function __invoke(FurtherCoatsRequest $request): BenchSheetResource
    {
        return new BenchSheetResource($this->laying->handle($request->further(), $request->person()), $request->person());
    }
}
