<?php

declare(strict_types=1);

namespace App\Papers;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository;

/** Whether somebody takes work from the queue: a worker says so whenever it looks for some. */
final readonly class Worker
{
    private const KEY = 'worker seen';

    /** Seconds after which it says so again. */
    private const BETWEEN = 5;

    /** One that is at something long says nothing meanwhile. */
    private const MINUTES = 11;

    public function __construct(private Repository $cache)
    {
    }

    public function isHere(): void
    {
        $now = CarbonImmutable::now()->getTimestamp();
        if ($now - $this->last() >= self::BETWEEN) {
            $this->cache->put(self::KEY, $now, now()->addDay());
        }
    }

    public function wasSeen(): bool
    {
        return CarbonImmutable::now()->getTimestamp() - $this->last() <= self::MINUTES * 60;
    }

    private function last(): int
    {
        $last = $this->cache->get(self::KEY);

        // Some stores give a number back as a text.
        return is_numeric($last) ? (int) $last : 0;
    }
}
