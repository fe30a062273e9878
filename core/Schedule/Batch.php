<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Sequence\StepList;
use Core\Standard\OutOfRange;

/** Like models that one painter takes through the same steps. */
final readonly class Batch
{
    /** Minutes of all work, without setups. */
    public float $work;

    /** @var list<list<int>> by step, those that wait for it */
    public array $behind;

    /**
     * @param  int  $models at least 1
     * @param  list<BatchStep>  $steps
     * @param  StepList  $list of the same steps
     */
    public function __construct(
        public int $models,
        public array $steps,
        public StepList $list,
    ) {
        if ($models < 1) {
            throw OutOfRange::below('models', 1, $models);
        }
        $this->work = $models * array_sum(array_map(static fn (BatchStep $step): float => $step->minutes, $steps));
        $this->behind = $list->behind();
    }
}
