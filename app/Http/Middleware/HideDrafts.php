<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Role;
use App\Models\StandardVersion;
use App\Models\User;
use App\Models\VersionState;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A draft is the lead's to write and the deputy's to read; for a painter it is not there yet. */
final readonly class HideDrafts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $version = $request->route('standardVersion');
        $user = $request->user();
        if ($version instanceof StandardVersion && $version->state === VersionState::Draft && $user instanceof User && $user->role === Role::Painter) {
            throw new NotFoundHttpException;
        }

        return $next($request);
    }
}
