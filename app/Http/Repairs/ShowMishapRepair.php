<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Actions\Bench\BenchSheets;
use App\Actions\Repairs\RepairMishap;
use App\Models\Figure;

/** What is laid again after a mishap, by what is on the figure now. */
final readonly class ShowMishapRepair
{
    public function __construct(
        private BenchSheets $sheets,
        private RepairMishap $repairs,
    ) {
    }

    public function __invoke(ShowMishapRepairRequest $request, Figure $figure): RepairResource
    {
        return new RepairResource($this->repairs->handle(
            $this->sheets->ofFigure($figure),
            $figure,
            $request->string('area')->toString(),
            $request->kind(),
            $request->layer(),
            $request->float('share'),
        ));
    }
}
