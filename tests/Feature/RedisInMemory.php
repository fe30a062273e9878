<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use Illuminate\Redis\Connections\Connection;
use LogicException;

/** The few words of Redis that are spoken here, kept in memory and by a clock that is told. */
final class RedisInMemory extends Connection
{
    public int $now = 0;

    /** @var array<string, array{string|array<string, string>, int}> value and when it ends, by key */
    private array $kept = [];

    /** @param  list<string>|string  $channels */
    public function createSubscription($channels, Closure $callback, $method = 'subscribe'): never
    {
        throw new LogicException('Nobody listens to anything here.');
    }

    /** @param  list<mixed>  $parameters */
    public function command($method, array $parameters = []): mixed
    {
        [$key, $one, $two] = [...array_map(static fn (mixed $word): string => is_scalar($word) ? (string) $word : '', $parameters), '', ''];
        $this->kept = array_filter($this->kept, fn (array $entry): bool => $entry[1] > $this->now);
        $value = $this->kept[$key][0] ?? null;
        $fields = is_array($value) ? $value : [];

        switch ($method) {
            case 'get': return is_string($value) ? $value : null;
            case 'exists': return (int) ($value !== null);
            case 'hgetall': return $fields;
            case 'setex':
                $this->kept[$key] = [$two, $this->now + (int) $one];

                return true;
            case 'hset':
                $this->kept[$key] = [[$one => $two] + $fields, PHP_INT_MAX];

                return 1;
            case 'hdel':
                unset($fields[$one]);
                $this->kept[$key] = [$fields, PHP_INT_MAX];

                return 1;
            case 'expire':
                $this->kept[$key] = [$value ?? '', $this->now + (int) $one];

                return 1;
            case 'del':
                unset($this->kept[$key]);

                return (int) ($value !== null);
        }

        throw new LogicException("{$method} is not known here.");
    }
}
