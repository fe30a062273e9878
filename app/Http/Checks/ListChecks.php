<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Studios\Waiting;

/** Figures that wait to be checked. */
final readonly class ListChecks
{
    public function __invoke(CheckerPageRequest $request): ChecksResource
    {
        return new ChecksResource(new Waiting($request->person()), $request->person());
    }
}
