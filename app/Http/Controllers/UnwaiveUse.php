<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\VaryArea;
use App\Http\Grids;
use App\Http\Requests\LeadVersionRequest;
use App\Http\Resources\GridResource;
use App\Models\Variation;

/** Takes a waiver of a use back. */
final readonly class UnwaiveUse
{
    public function __construct(private VaryArea $vary, private Grids $grids)
    {
    }

    public function __invoke(LeadVersionRequest $request, Variation $variation): GridResource
    {
        return $this->grids->ofUnit($this->vary->unwaive($variation, $request->versionRead()));
    }
}
