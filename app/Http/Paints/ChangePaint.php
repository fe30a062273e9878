<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\StorePaint;
use App\Models\Paint;

/** Changes a paint. */
final readonly class ChangePaint
{
    public function __construct(
        private StorePaint $store,
        private PaintPresenter $paints,
    ) {
    }

    public function __invoke(PaintRequest $request, Paint $paint): PaintsResource
    {
        $this->store->change($paint, $request->entry(), $request->versionRead());

        return $this->paints->all();
    }
}
