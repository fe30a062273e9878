<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\StandardsResource;
use App\Models\Role;
use App\Models\StandardVersion;
use Illuminate\Database\Eloquent\Builder;

/** The versions of the studio's standards. */
final readonly class ListStandards
{
    public function __invoke(AnybodyRequest $request): StandardsResource
    {
        return new StandardsResource(array_values(StandardVersion::query()->when($request->person()->role === Role::Painter, static fn (Builder $versions): Builder => $versions->where('state', '<>', 'draft'))->with(['standard', 'forcer'])->withCount(['jobs' => static fn (Builder $jobs): Builder => $jobs->where('state', 'open')])->orderByRaw("state = 'in-force' DESC")->orderByDesc('id')->get()->all()));
    }
}
