<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Models\Check;

/** Passes a side. */
final readonly class PassSide
{
    public function __construct(private ActInCheck $acting, private CheckPresenter $checks)
    {
    }

    public function __invoke(PassSideRequest $request, Check $check): CheckResource
    {
        return $this->checks->read($this->acting->pass($check, $request->versionRead(), $request->side(), $request->person(), $request->requestKey()), $request->person());
    }
}
