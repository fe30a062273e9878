<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\Jobs\ReadAreaList as Reading;

/** Reads a list of areas that was typed or pasted; nothing is stored. */
final readonly class ReadAreaList
{
    public function __construct(private Reading $reading)
    {
    }

    public function __invoke(AreaListRequest $request): AreaListResource
    {
        return new AreaListResource($this->reading->handle($request->string('text')->toString()));
    }
}
