<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A clock that runs for somebody at the bench of a unit.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property int $unit_id
 * @property CarbonImmutable $read_at when it was begun, or last read
 */
final class BenchClock extends StudioRow
{
    protected $table = 'bench_clocks';

    public $timestamps = false;

    protected $casts = ['read_at' => 'immutable_datetime'];
}
