<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Paints\StorePaint;
use App\Http\Paints;
use App\Http\Requests\PaintRequest;
use App\Http\Resources\PaintsResource;

/** Adds a paint. */
final readonly class CreatePaint
{
    public function __construct(
        private StorePaint $store,
        private Paints $paints,
    ) {
    }

    public function __invoke(PaintRequest $request): PaintsResource
    {
        $this->store->create($request->entry());

        return $this->paints->all();
    }
}
