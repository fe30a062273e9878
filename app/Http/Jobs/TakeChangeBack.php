<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\TakeBack;
use App\Http\Shared\LeadRequest;
use App\Models\JobChange;

/** Takes a change of a job back. */
final readonly class TakeChangeBack
{
    public function __construct(private TakeBack $taking, private GridPresenter $grids)
    {
    }

    public function __invoke(LeadRequest $request, JobChange $change): GridResource
    {
        return $this->grids->of($this->taking->handle($change, $request->person()));
    }
}
