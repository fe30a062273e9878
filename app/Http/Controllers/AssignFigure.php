<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\AssignUnit as AssignUnitAction;
use App\Http\Grids;
use App\Http\Requests\AssignFigureRequest;
use App\Http\Resources\GridResource;
use App\Models\Figure;

/** Tier and painter of one figure. */
final readonly class AssignFigure
{
    public function __construct(private AssignUnitAction $assign, private Grids $grids)
    {
    }

    public function __invoke(AssignFigureRequest $request, Figure $figure): GridResource
    {
        return $this->grids->ofUnit($this->assign->figure($figure, $request->versionRead(), $request->change())->unit()->firstOrFail());
    }
}
