<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\OpenCheck as OpenCheckAction;
use App\Http\Shared\CheckerRequest;
use App\Models\Figure;

/** Opens the check of a figure, or goes on with it. */
final readonly class OpenCheck
{
    public function __construct(private OpenCheckAction $opening, private CheckPresenter $checks)
    {
    }

    public function __invoke(CheckerRequest $request, Figure $figure): CheckResource
    {
        return $this->checks->of($this->opening->handle($figure, $request->person()), $request->person());
    }
}
