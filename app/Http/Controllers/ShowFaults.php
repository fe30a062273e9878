<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Checks;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\MendResource;
use App\Models\Figure;

/** The faults of a refused figure, for its painter. */
final readonly class ShowFaults
{
    public function __construct(private Checks $checks)
    {
    }

    public function __invoke(AnybodyRequest $request, Figure $figure): MendResource
    {
        return $this->checks->toMend($figure, $request->person());
    }
}
