<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Refusals\NeedsPassword;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before what cannot be undone, who is signed in shows once more that it is they: by the password, a quarter of an hour at the most ago. */
final readonly class ConfirmPassword
{
    private const AT = 'password_confirmed_at';

    private const SECONDS = 900;

    /** The password was said just now. */
    public static function note(Request $request): void
    {
        $request->session()->put(self::AT, now()->getTimestamp());
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $at = $request->hasSession() ? $request->session()->get(self::AT) : null;
        if (! is_int($at) || now()->getTimestamp() - $at > self::SECONDS) {
            throw new NeedsPassword;
        }

        return $next($request);
    }
}
