<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\AnybodyRequest;
use App\Models\Check;

/** A check as it stands. */
final readonly class ShowCheck
{
    public function __construct(private CheckPresenter $checks)
    {
    }

    public function __invoke(AnybodyRequest $request, Check $check): CheckResource
    {
        return $this->checks->of($check, $request->person());
    }
}
