<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignOffs\FindRecords;
use App\Http\Requests\RecordsRequest;
use App\Http\Resources\SignOffsResource;

/** The sign-offs of the studio, the latest first. */
final readonly class ListSignOffs
{
    public function __invoke(RecordsRequest $request): SignOffsResource
    {
        return new SignOffsResource(FindRecords::page($request->find()));
    }
}
