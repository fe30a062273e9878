<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Standard\OutOfRange;

/** A step that is done once on every model of a batch. Times in minutes. */
final readonly class BatchStep
{
    /**
     * @param  float  $minutes on one model, over 0
     * @param  float  $setup before the first model after another step, at least 0
     * @param  float  $dry until the next step may touch the model, at least 0
     */
    public function __construct(
        public string $id,
        public float $minutes,
        public float $setup = 0.0,
        public float $dry = 0.0,
    ) {
        if ($minutes <= 0) {
            throw OutOfRange::notOver('minutes', 0, $minutes);
        }
        if ($setup < 0) {
            throw OutOfRange::below('setup', 0, $setup);
        }
        if ($dry < 0) {
            throw OutOfRange::below('dry', 0, $dry);
        }
    }

    /** Models of a batch for which the first is dry when the last is done; null where it need not dry. Common practice, no source. */
    public function modelsForNoWait(): ?int
    {
        // A third of an hour has no exact number.
        return $this->dry > 0 ? 1 + (int) ceil($this->dry / $this->minutes - 1e-9) : null;
    }
}
