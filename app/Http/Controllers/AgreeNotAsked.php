<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\VaryArea;
use App\Http\Grids;
use App\Http\Requests\NotAskedRequest;
use App\Http\Resources\GridResource;
use App\Models\Unit;

/** Agrees that nothing is asked of an area about which the standard is silent. */
final readonly class AgreeNotAsked
{
    public function __construct(private VaryArea $vary, private Grids $grids)
    {
    }

    public function __invoke(NotAskedRequest $request, Unit $unit): GridResource
    {
        $figure = $request->figureOf($unit);

        return $this->grids->ofUnit($this->vary->notAsked(
            $unit,
            $figure,
            $request->string('area')->toString(),
            $request->string('reason')->toString(),
            $request->string('agreed_with')->toString(),
            $request->person(),
            $request->versionRead(),
        ));
    }
}
