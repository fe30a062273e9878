<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\RefuseFigure as RefuseFigureAction;
use App\Models\Check;

/** Sends a figure back to its painter. */
final readonly class RefuseFigure
{
    public function __construct(private RefuseFigureAction $refusing, private CheckPresenter $checks)
    {
    }

    public function __invoke(RefuseRequest $request, Check $check): CheckResource
    {
        return $this->checks->of($this->refusing->handle($check, $request->versionRead(), $request->string('reason')->toString(), $request->string('area')->toString(), $request->person()), $request->person());
    }
}
