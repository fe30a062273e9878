<?php

declare(strict_types=1);

namespace Tests\Core\Support;

/** How long the processor works for this process. What else the machine does in the meantime is of no matter. */
final readonly class OwnSeconds
{
    /** @param  callable(): mixed  $work */
    public static function of(callable $work): float
    {
        $from = self::now();
        $work();

        return self::now() - $from;
    }

    private static function now(): float
    {
        /** @var array<string, int> $used */
        $used = getrusage();

        return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
    }
}
