<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Models\Check;

/** Notes a flaw. */
final readonly class NoteFlaw
{
    public function __construct(private ActInCheck $acting, private CheckPresenter $checks)
    {
    }

    public function __invoke(FlawRequest $request, Check $check): CheckResource
    {
        $reading = $this->acting->flaw($check, $request->versionRead(), $request->flaw(), $request->person(), $request->requestKey());

        return $this->checks->read($reading, $request->person());
    }
}
