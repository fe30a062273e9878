<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Figure;
use App\Refusals\NotRight;

/** One area of a figure, layer by layer, for the cell of the grid that was opened. */
final readonly class ShowAreaLayers
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function __invoke(AreaLayersRequest $request, Figure $figure): AreaLayersResource
    {
        $composed = $this->figures->ofFigure($figure);
        $standard = $this->standards->of($composed->unit->job);
        foreach (AreaOfFigure::all($composed, $standard) as $here) {
            if ($here->area->id === $request->area()) {
                return new AreaLayersResource($here, $composed, $standard);
            }
        }

        throw NotRight::at('/area', 'unknown-area', "This figure has no area \"{$request->area()}\".");
    }
}
