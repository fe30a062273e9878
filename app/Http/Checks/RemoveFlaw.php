<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Models\Check;
use App\Models\Fault;

/** Takes a flaw away again. */
final readonly class RemoveFlaw
{
    public function __construct(private ActInCheck $acting, private CheckPresenter $checks)
    {
    }

    public function __invoke(CheckVersionRequest $request, Check $check, Fault $fault): CheckResource
    {
        return $this->checks->read($this->acting->removeFlaw($check, $request->versionRead(), $fault, $request->person()), $request->person());
    }
}
