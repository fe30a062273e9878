<?php

declare(strict_types=1);

// How near schedules of batches come to a bound that no schedule is under, and how long they take: `php bench/schedule.php`.

use Core\Schedule\Bound;
use Core\Schedule\Scheduler;
use Tests\Core\Support\RandomBatches;

require __DIR__.'/../vendor/autoload.php';

const BATCHES = 20;

printf("%-20s %9s %9s %9s %9s\n", BATCHES.' batches each', 'median', 'worst', 'median ms', 'worst ms');
foreach ([[3, 4], [8, 10], [20, 12], [30, 20], [40, 30], [60, 60]] as [$models, $steps]) {
    $ratios = $milliseconds = [];
    for ($seed = 0; $seed < BATCHES; $seed++) {
        $batch = RandomBatches::make(500 + $seed, $models, $steps);
        $begin = hrtime(true);
        $bound = new Bound($batch);
        $schedule = (new Scheduler)->shortest($batch, $bound);
        $milliseconds[] = (hrtime(true) - $begin) / 1e6;
        $ratios[] = $schedule->makespan / $bound->minutes;
    }
    sort($ratios);
    sort($milliseconds);
    printf("%-20s %9.4f %9.4f %9.0f %9.0f\n", "{$models} models, {$steps} steps", $ratios[intdiv(BATCHES, 2)], $ratios[BATCHES - 1], $milliseconds[intdiv(BATCHES, 2)], $milliseconds[BATCHES - 1]);
}
