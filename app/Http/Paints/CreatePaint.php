<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\StorePaint;

/** Adds a paint. */
final readonly class CreatePaint
{
    public function __construct(
        private StorePaint $store,
        private PaintPresenter $paints,
    ) {
    }

    public function __invoke(PaintRequest $request): PaintsResource
    {
        $this->store->create($request->entry());

        return $this->paints->all();
    }
}
