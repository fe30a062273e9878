<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\PingResource;

/** The smallest answer, to measure others against. */
final readonly class Ping
{
    public function __invoke(AnybodyRequest $request): PingResource
    {
        return new PingResource;
    }
}
