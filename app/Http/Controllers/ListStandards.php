<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\StandardsResource;
use App\Models\StandardVersion;

/** The versions of the studio's standards. */
final readonly class ListStandards
{
    public function __invoke(AnybodyRequest $request): StandardsResource
    {
        return new StandardsResource(array_values(StandardVersion::query()->with('standard')->orderByRaw("state = 'in-force' DESC")->orderByDesc('id')->get()->all()));
    }
}
