<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\StandardLibrary;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SheetResource;
use App\Models\Job;
use App\Models\StandardVersion;

/** The sheet of one version. */
final readonly class ShowSheet
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): SheetResource
    {
        return new SheetResource(
            $standardVersion,
            $this->library->of($standardVersion->id),
            Job::query()->where('standard_version_id', $standardVersion->id)->where('state', 'open')->count(),
        );
    }
}
