<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Models\Role;
use App\Models\StandardVersion;
use App\Models\VersionState;
use Illuminate\Database\Eloquent\Builder;

/** The versions of the studio's standards. */
final readonly class ListStandards
{
    public function __invoke(AnybodyRequest $request): StandardsResource
    {
        return new StandardsResource(array_values(StandardVersion::query()->when($request->person()->role === Role::Painter, static fn (Builder $versions): Builder => $versions->where('state', '<>', VersionState::Draft))->with(['standard', 'forcer'])->withCount(['jobs' => static fn (Builder $jobs): Builder => $jobs->where('state', 'open')])->orderByRaw("state = 'in-force' DESC")->orderByDesc('id')->get()->all()));
    }
}
