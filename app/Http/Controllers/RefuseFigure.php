<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\RefuseFigure as RefuseFigureAction;
use App\Http\Checks;
use App\Http\Requests\RefuseRequest;
use App\Http\Resources\CheckResource;
use App\Models\Check;

/** Sends a figure back to its painter. */
final readonly class RefuseFigure
{
    public function __construct(private RefuseFigureAction $refusing, private Checks $checks)
    {
    }

    public function __invoke(RefuseRequest $request, Check $check): CheckResource
    {
        return $this->checks->of($this->refusing->handle($check, $request->versionRead(), $request->string('reason')->toString(), $request->string('area')->toString(), $request->person()), $request->person());
    }
}
