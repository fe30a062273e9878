<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\AssignUnit as AssignUnitAction;
use App\Http\Grids;
use App\Http\Requests\AssignFiguresRequest;
use App\Http\Resources\GridResource;

/** Tier and painter of some figures of a job. */
final readonly class AssignFigures
{
    public function __construct(
        private AssignUnitAction $assign,
        private Grids $grids,
    ) {
    }

    public function __invoke(AssignFiguresRequest $request): GridResource
    {
        return $this->grids->of($this->assign->figures($request->versionsRead(), $request->change()));
    }
}
