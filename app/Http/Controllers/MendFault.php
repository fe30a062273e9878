<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\MendFault as MendFaultAction;
use App\Http\Checks;
use App\Http\Requests\MendRequest;
use App\Http\Resources\MendResource;
use App\Models\Fault;

/** A fault was mended. */
final readonly class MendFault
{
    public function __construct(private MendFaultAction $mending, private Checks $checks)
    {
    }

    public function __invoke(MendRequest $request, Fault $fault): MendResource
    {
        return $this->checks->toMend($this->mending->handle($fault, $request->string('note')->toString(), $request->person()), $request->person());
    }
}
