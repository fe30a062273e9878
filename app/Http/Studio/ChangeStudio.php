<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\Studios\ChangeSettings;
use App\Actions\Studios\Waiting;
use App\Http\Session\SessionResource;

/** Changes settings of the studio. */
final readonly class ChangeStudio
{
    public function __construct(private ChangeSettings $changing)
    {
    }

    public function __invoke(StudioRequest $request): SessionResource
    {
        $this->changing->handle($request->person(), $request->settings());

        return new SessionResource($request->person(), new Waiting($request->person()));
    }
}
