<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\AnybodyRequest;

/** Paints of the studio. */
final readonly class ListPaints
{
    public function __construct(private PaintPresenter $paints)
    {
    }

    public function __invoke(AnybodyRequest $request): PaintsResource
    {
        return $this->paints->all();
    }
}
