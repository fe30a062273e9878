<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Closure;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use PHPUnit\Framework\Assert;
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
     * Sends everything, and lets something happen in the middle: when so many were acknowledged.
     *
     * @template K of array-key
     *
     * @param  array<K, Closure(): PromiseInterface>  $todo
     * @param  Closure(): void  $happens
     * @return list<K> what was acknowledged
     */
    public static function interrupted(array $todo, int $atOnce, int $many, Closure $happens): array
    {
        $acknowledged = 0;
        $answers = self::send($todo, $atOnce, static function (ResponseInterface $answer) use (&$acknowledged, $many, $happens): void {
            if ($answer->getStatusCode() < 300 && ++$acknowledged === $many) {
                $happens();
            }
        });
        $said = array_map(static fn (ResponseInterface $answer): string => (string) $answer->getBody(), array_slice($answers, 0, 3));
        Assert::assertGreaterThanOrEqual($many, $acknowledged, implode("\n", $said));

        return self::done($answers);
    }

    /** @param  Closure(): PromiseInterface  $send */
    public static function one(Closure $send): ResponseInterface
    {
        $answer = $send()->wait();
        assert($answer instanceof ResponseInterface);

        return $answer;
    }

    /**
     * Done, refused in words, or told to be done again: nothing broke.
     *
     * @param  array<array-key, ResponseInterface>  $answers
     */
    public static function assertInWords(array $answers): void
    {
        foreach ($answers as $asked => $answer) {
            $text = (string) $answer->getBody();
            Assert::assertLessThan(500, $answer->getStatusCode(), "{$asked}: {$text}");
            if ($answer->getStatusCode() >= 400) {
                Assert::assertIsString(((array) ((array) json_decode($text, true))['error'])['message'] ?? null, "{$asked}: {$text}");
            }
        }
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
