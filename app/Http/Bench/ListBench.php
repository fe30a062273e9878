<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheets;
use App\Http\Shared\AnybodyRequest;

/** The bench sheets of open jobs; a painter sees own ones. */
final readonly class ListBench
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    public function __invoke(AnybodyRequest $request): BenchResource
    {
        return new BenchResource($this->sheets->forPerson($request->person()), $request->person());
    }
}
