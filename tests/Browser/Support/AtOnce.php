<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Closure;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** Many requests under way in the same moment. */
final readonly class AtOnce
{
    /**
     * @template K of array-key
     *
     * @param  array<K, Closure(): PromiseInterface>  $todo
     * @param  ?Closure(ResponseInterface): void  $answered told of each answer when it comes
     * @return array<K, ResponseInterface> none for a connection that broke
     */
    public static function send(array $todo, int $atOnce, ?Closure $answered = null): array
    {
        $answers = [];
        $promises = (static function () use ($todo): iterable {
            foreach ($todo as $key => $send) {
                yield $key => $send();
            }
        })();
        (new EachPromise($promises, [
            'concurrency' => $atOnce,
            'fulfilled' => static function (ResponseInterface $response, string|int $key) use (&$answers, $answered): void {
                $answers[$key] = $response;
                $answered === null || $answered($response);
            },
            'rejected' => static fn (): null => null,
        ]))->promise()->wait();

        return $answers;
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, ResponseInterface>  $answers
     * @return list<K> what was done
     */
    public static function done(array $answers): array
    {
        return array_keys(array_filter($answers, static fn (ResponseInterface $answer): bool => $answer->getStatusCode() < 300));
    }
}
