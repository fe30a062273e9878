<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\PingResource;

/** The smallest answer, to measure others against. */
final readonly class Ping
{
    public function __invoke(AnybodyRequest $request): PingResource
    {
        return new PingResource;
    }
}
