<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\CurrentStudio;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** From here on only rows of the studio of who asks are seen. */
final readonly class EnterStudio
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->ended_at !== null) {
            throw new AuthenticationException;
        }
        if ($user instanceof User) {
            $this->studio->enter($user->studio_id);
            $user->loadMissing('studio');
        }

        return $next($request);
    }
}
