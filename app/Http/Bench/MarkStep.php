<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\MarkSteps;

/** Marks a step on figures of one sheet. */
final readonly class MarkStep
{
    public function __construct(
        private MarkSteps $marking,
    ) {
    }

    public function __invoke(MarkRequest $request): BenchSheetResource
    {
        $sheet = $this->marking->handle($request->mark(), $request->person());

        return new BenchSheetResource($sheet, $request->person());
    }
}
