<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\BenchUnits;
use App\Models\Unit;

/** The bench sheets of open jobs, by units; a painter sees own ones. */
final readonly class ListBench
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    public function __invoke(BenchRequest $request): BenchResource
    {
        $page = BenchUnits::page($request->person(), $request->find(), $request->unit());
        $units = array_map(static fn (Unit $unit): int => $unit->id, array_values($page->items()));

        return new BenchResource($this->sheets->forPerson($request->person(), $units), $page, $request->person());
    }
}
