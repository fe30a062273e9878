<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Checks;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\CheckResource;
use App\Models\Check;

/** A check as it stands. */
final readonly class ShowCheck
{
    public function __construct(private Checks $checks)
    {
    }

    public function __invoke(AnybodyRequest $request, Check $check): CheckResource
    {
        return $this->checks->of($check, $request->person());
    }
}
