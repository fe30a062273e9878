<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Checks\HandOver as HandOverAction;
use App\Actions\Studios\Waiting;
use App\Http\Session\SessionResource;

/** Hands figures over to be checked. Answers with what waits now. */
final readonly class HandOver
{
    public function __construct(private HandOverAction $handing)
    {
    }

    public function __invoke(HandOverRequest $request): SessionResource
    {
        $this->handing->handle($request->figureIds(), $request->person());

        return new SessionResource($request->person(), new Waiting($request->person()));
    }
}
