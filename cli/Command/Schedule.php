<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Schedule\Batch;
use Core\Schedule\BatchStep;
use Core\Schedule\Bound;
use Core\Schedule\Operation;
use Core\Schedule\Scheduler;
use Core\Sequence\StepList;
use Document\Shape\Schema;

/** `schedule`: one painter's work on a batch of like models. */
final readonly class Schedule implements Command
{
    public function name(): string
    {
        return 'schedule';
    }

    public function summary(): string
    {
        return 'one painter, one batch: when each step is done on each model';
    }

    public function schema(): array
    {
        return Schema::object(['models' => Schema::whole(1), 'steps' => Schema::list(Schema::object(['id' => Schema::id(), 'minutes' => Schema::over(0)], [
            'setup' => Schema::atLeast(0, 0), 'dry' => Schema::atLeast(0, 0), 'after' => Schema::list(Schema::id()),
        ]))]);
    }

    public function run(array $input): array
    {
        /** @var array{models: int|float, steps: list<array{id: string, minutes: int|float, setup?: int|float, dry?: int|float, after?: list<string>}>} $input */
        $steps = array_map(static fn (array $step): BatchStep => new BatchStep($step['id'], (float) $step['minutes'], (float) ($step['setup'] ?? 0), (float) ($step['dry'] ?? 0)), $input['steps']);
        $list = StepList::of(array_map(static fn (array $step): array => ['id' => $step['id'], 'after' => $step['after'] ?? []], $input['steps']), '/steps');
        $batch = new Batch((int) $input['models'], $steps, $list);
        $bound = new Bound($batch);
        $schedule = (new Scheduler)->shortest($batch, $bound);

        return [
            'makespan' => $schedule->makespan,
            'lower_bound' => $bound->minutes,
            'idle' => $schedule->idle,
            'operations' => array_map(static fn (Operation $one): array => ['step' => $list->ids[$one->step], 'model' => $one->model, 'start' => $one->start, 'end' => $one->end], $schedule->operations),
            'batch_for_no_wait' => (object) self::models($steps),
        ];
    }

    /**
     * @param  list<BatchStep>  $steps
     * @return array<array-key, int> by id, of those that dry
     */
    private static function models(array $steps): array
    {
        $models = [];
        foreach ($steps as $step) {
            $many = $step->modelsForNoWait();
            if ($many !== null) {
                $models[$step->id] = $many;
            }
        }

        return $models;
    }
}
