<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Bench\PaintNeeds;
use App\Actions\Paints\PaintBook;
use App\Http\Shared\AnybodyRequest;

/** What the running jobs will take of each paint. */
final readonly class ShowPaintNeeds
{
    public function __construct(
        private PaintNeeds $needs,
        private PaintBook $paints,
    ) {
    }

    public function __invoke(AnybodyRequest $request): PaintNeedsResource
    {
        return new PaintNeedsResource($this->needs->handle(), array_values($this->paints->all()), $this->needs->why());
    }
}
