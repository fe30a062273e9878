<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Refusals\NotAllowed;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the studio asks everybody for a second factor, who has none sets it up before anything else. */
final readonly class SetUpSecondFactor
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->studio->requires_second_factor && ! $user->asksSecondFactor()) {
            throw NotAllowed::because('second-factor-needed', 'Your studio asks everybody for a second factor. Set it up under your name first.');
        }

        return $next($request);
    }
}
