<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\BenchSheets;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\BenchResource;

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
