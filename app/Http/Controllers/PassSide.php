<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\ActInCheck;
use App\Http\Checks;
use App\Http\Requests\PassSideRequest;
use App\Http\Resources\CheckResource;
use App\Models\Check;

/** Passes a side. */
final readonly class PassSide
{
    public function __construct(private ActInCheck $acting, private Checks $checks)
    {
    }

    public function __invoke(PassSideRequest $request, Check $check): CheckResource
    {
        return $this->checks->read($this->acting->pass($check, $request->versionRead(), $request->side(), $request->person(), $request->requestKey()), $request->person());
    }
}
