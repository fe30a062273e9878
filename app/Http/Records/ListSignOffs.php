<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\FindRecords;

/** The sign-offs of the studio, the latest first. */
final readonly class ListSignOffs
{
    public function __invoke(RecordsRequest $request): SignOffsResource
    {
        return new SignOffsResource(FindRecords::page($request->find()));
    }
}
