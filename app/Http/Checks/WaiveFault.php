<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\WaiveFault as WaiveFaultAction;
use App\Models\Fault;

/** The lead lets a fault pass. */
final readonly class WaiveFault
{
    public function __construct(private WaiveFaultAction $waiving, private CheckPresenter $checks)
    {
    }

    public function __invoke(WaiveFaultRequest $request, Fault $fault): CheckResource
    {
        $waived = $this->waiving->handle(
            $fault,
            $request->versionRead(),
            $request->string('agreed_with')->toString(),
            $request->string('reason')->toString(),
            $request->person(),
        );

        return $this->checks->of($waived->check()->firstOrFail(), $request->person());
    }
}
