<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\MendFault as MendFaultAction;
use App\Models\Fault;

/** A fault was mended. */
final readonly class MendFault
{
    public function __construct(private MendFaultAction $mending, private CheckPresenter $checks)
    {
    }

    public function __invoke(MendRequest $request, Fault $fault): MendResource
    {
        return $this->checks->toMend($this->mending->handle($fault, $request->string('note')->toString(), $request->person()), $request->person());
    }
}
