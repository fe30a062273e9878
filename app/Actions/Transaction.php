<?php

declare(strict_types=1);

namespace App\Actions;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * One change, whole or not at all. Rows are locked in one order everywhere: studio, unit, figure, check,
 * fault. What meets another change all the same is tried again.
 */
final readonly class Transaction
{
    private const ATTEMPTS = 5;

    /**
     * @template T
     *
     * @param  Closure(): T  $change called again from the start where the database gave up a deadlock
     * @return T
     */
    public static function run(Closure $change): mixed
    {
        $begun = 0;

        return DB::transaction(static function () use ($change, &$begun): mixed {
            if ($begun++ > 0) {
                foreach (app()->tagged(ReadOnce::class) as $who) {
                    assert($who instanceof ReadOnce);
                    $who->forget();
                }
            }

            return $change();
        }, self::ATTEMPTS);
    }
}
