<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\Studios\Finder;

/** Finds anything of the studio by its name. */
final readonly class Find
{
    public function __construct(private Finder $finder)
    {
    }

    public function __invoke(FindRequest $request): FoundResource
    {
        return new FoundResource($this->finder->of($request->string('words')->toString()));
    }
}
