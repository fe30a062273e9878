<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\ActInCheck;
use App\Http\Checks;
use App\Http\Requests\VersionRequest;
use App\Http\Resources\CheckResource;
use App\Models\Check;

/** Takes back the last thing that was done in a check. */
final readonly class UndoInCheck
{
    public function __construct(private ActInCheck $acting, private Checks $checks)
    {
    }

    public function __invoke(VersionRequest $request, Check $check): CheckResource
    {
        return $this->checks->read($this->acting->undo($check, $request->versionRead(), $request->person()), $request->person());
    }
}
