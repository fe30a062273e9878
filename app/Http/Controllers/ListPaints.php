<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Paints;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\PaintsResource;

/** Paints of the studio. */
final readonly class ListPaints
{
    public function __construct(private Paints $paints)
    {
    }

    public function __invoke(AnybodyRequest $request): PaintsResource
    {
        return $this->paints->all();
    }
}
