<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\ReadRecipes;
use App\Actions\Schemes\ReadScheme;
use App\Models\Scheme;

/** Reads a list of paints by use and says where each line lands; nothing is written. */
final readonly class ReadPaintsByUse
{
    public function __construct(
        private ReadRecipes $recipes,
        private ReadScheme $reading,
    ) {
    }

    public function __invoke(PaintsByUseRequest $request, Scheme $scheme): ReadListResource
    {
        return new ReadListResource($this->recipes->handle($scheme, $this->reading->standard($scheme), $request->string('text')->toString()));
    }
}
