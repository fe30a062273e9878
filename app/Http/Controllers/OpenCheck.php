<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\OpenCheck as OpenCheckAction;
use App\Http\Checks;
use App\Http\Requests\CheckerRequest;
use App\Http\Resources\CheckResource;
use App\Models\Figure;

/** Opens the check of a figure, or goes on with it. */
final readonly class OpenCheck
{
    public function __construct(private OpenCheckAction $opening, private Checks $checks)
    {
    }

    public function __invoke(CheckerRequest $request, Figure $figure): CheckResource
    {
        return $this->checks->of($this->opening->handle($figure, $request->person()), $request->person());
    }
}
