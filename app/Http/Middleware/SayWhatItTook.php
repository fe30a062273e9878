<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says with each answer how many queries it took and how much memory at most. For benchmarks; off unless a setting turns it on. */
final readonly class SayWhatItTook
{
    public function __construct(private Dispatcher $events)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! config()->boolean('ordotype.measures')) {
            return $next($request);
        }
        $queries = 0;
        $this->events->listen(QueryExecuted::class, static function () use (&$queries): void {
            $queries++;
        });
        $response = $next($request);
        $response->headers->set('Server-Timing', sprintf('queries;dur=%d, memory;dur=%d', $queries, memory_get_peak_usage(true)));

        return $response;
    }
}
