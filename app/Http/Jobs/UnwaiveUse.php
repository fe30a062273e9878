<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\VaryArea;
use App\Http\Shared\LeadVersionRequest;
use App\Models\Variation;

/** Takes a waiver of a use back. */
final readonly class UnwaiveUse
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(LeadVersionRequest $request, Variation $variation): GridResource
    {
        return $this->grids->ofUnit($this->vary->unwaive($variation, $request->versionRead()));
    }
}
