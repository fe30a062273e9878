<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** Chooses the method of a use that leaves it open. */
final readonly class ChooseMethod
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(ChooseRequest $request, Unit $unit): GridResource
    {
        $figure = $request->figureOf($unit);

        return $this->grids->ofUnit($this->vary->choose(
            $unit,
            $figure,
            $request->string('area')->toString(),
            $request->string('use')->toString(),
            $request->technique(),
            $request->person(),
            $request->versionRead(),
        ));
    }
}
