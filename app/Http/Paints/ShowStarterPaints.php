<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\StarterPaints;
use App\Http\Shared\AnybodyRequest;

/** Plain paints to begin with, as a list that can be looked at, changed and taken. */
final readonly class ShowStarterPaints
{
    public function __invoke(AnybodyRequest $request): StarterPaintsResource
    {
        return new StarterPaintsResource(StarterPaints::list());
    }
}
