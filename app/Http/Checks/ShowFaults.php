<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\AnybodyRequest;
use App\Models\Figure;

/** The faults of a refused figure, for its painter. */
final readonly class ShowFaults
{
    public function __construct(private CheckPresenter $checks)
    {
    }

    public function __invoke(AnybodyRequest $request, Figure $figure): MendResource
    {
        return $this->checks->toMend($figure, $request->person());
    }
}
