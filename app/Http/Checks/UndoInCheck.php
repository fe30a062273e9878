<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Models\Check;

/** Takes back the last thing that was done in a check. */
final readonly class UndoInCheck
{
    public function __construct(private ActInCheck $acting, private CheckPresenter $checks)
    {
    }

    public function __invoke(CheckVersionRequest $request, Check $check): CheckResource
    {
        return $this->checks->read($this->acting->undo($check, $request->versionRead(), $request->person()), $request->person());
    }
}
