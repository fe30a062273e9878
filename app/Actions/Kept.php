<?php

declare(strict_types=1);

namespace App\Actions;

use Closure;

/** What takes long and seldom changes, kept by all that it follows from: when any of that differs it is worked out anew, and nothing has to be thrown away by hand. */
final readonly class Kept
{
    private const DAYS = 60;

    /**
     * @template T
     *
     * @param  string  $what it is
     * @param  array<array-key, mixed>  $from all that it follows from, of nothing but values; the code that works it out is added
     * @param  Closure(): T  $find
     * @return T
     */
    public static function of(string $what, array $from, Closure $find): mixed
    {
        $key = hash('sha256', serialize([config()->string('ordotype.code'), $from]));

        /** @var T */
        return cache()->remember("{$what}:{$key}", now()->addDays(self::DAYS), $find);
    }
}
