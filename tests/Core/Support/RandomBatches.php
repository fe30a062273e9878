<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Schedule\Batch;
use Core\Schedule\BatchStep;
use Core\Sequence\StepList;

/** Made-up batches: some areas with their layers, paint and washes that dry, a few steps that wait for more than one. */
final readonly class RandomBatches
{
    private const DRIES = [0, 5, 10, 30, 30, 90, 240];

    public static function make(int $seed, int $models, int $steps): Batch
    {
        mt_srand($seed);
        $areas = max(1, intdiv($steps, mt_rand(2, 6)));
        $made = $list = [];
        for ($i = 0; $i < $steps; $i++) {
            $after = $i >= $areas && mt_rand(0, 9) > 0 ? ['s'.($i - $areas)] : [];
            $also = $i > 2 && mt_rand(0, 5) === 0 ? ['s'.mt_rand(0, $i - 1)] : [];
            $made[] = new BatchStep("s{$i}", mt_rand(2, 80) / 10, mt_rand(0, 50) / 10, self::DRIES[mt_rand(0, 6)]);
            $list[] = ['id' => "s{$i}", 'after' => array_values(array_unique([...$after, ...$also]))];
        }

        return new Batch($models, $made, StepList::of($list));
    }
}
