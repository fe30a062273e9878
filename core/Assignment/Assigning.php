<?php

declare(strict_types=1);

namespace Core\Assignment;

/**
 * Who should do what: in time, then evenly. What is given already stays. It begins with the one who is filled least by each task,
 * what is due first goes first, and mends that by moving one task and exchanging two; then all ways are gone through that can
 * still be better, as far as that goes. Nothing is left to chance. Common practice, no source.
 */
final readonly class Assigning
{
    /** Ways that are looked at until it is left at the best so far. */
    public const MOST = 50_000;

    /**
     * @param  list<Task>  $tasks
     * @param  list<PainterRoom>  $painters
     * @param  int  $most ways that are looked at
     */
    public function __construct(
        private array $tasks,
        private array $painters,
        private int $most = self::MOST,
    ) {
    }

    /** Tasks that somebody may do are done by somebody; the others by nobody. */
    public function find(): Found
    {
        $tasks = $this->inOrder();

        return (new AssignmentSearch($tasks, $this->painters, $this->most))->betterThan($this->mend($tasks, $this->begin($tasks)));
    }

    /** @return list<Task> what is due first goes first, of those the longest; of who may do none of it, none */
    private function inOrder(): array
    {
        $known = array_map(static fn (PainterRoom $painter): int => $painter->id, $this->painters);
        $tasks = array_values(array_filter($this->tasks, static fn (Task $task): bool => array_intersect(array_keys($task->minutes), $known) !== []));
        usort($tasks, static fn (Task $one, Task $other): int => [$one->due ?? PHP_INT_MAX, -$one->least(), $one->id] <=> [$other->due ?? PHP_INT_MAX, -$other->least(), $other->id]);

        return $tasks;
    }

    /** @param  list<Task>  $tasks */
    private function begin(array $tasks): Assignment
    {
        $best = Assignment::weigh($tasks, $this->painters, []);
        foreach ($tasks as $task) {
            $next = null;
            foreach ($this->able($task) as $painter) {
                $one = Assignment::weigh($tasks, $this->painters, [$task->id => $painter] + $best->of);
                $next = $next === null || $one->isBetterThan($next) ? $one : $next;
            }
            $best = $next ?? $best;
        }

        return $best;
    }

    /** @param  list<Task>  $tasks */
    private function mend(array $tasks, Assignment $best): Assignment
    {
        do {
            $before = $best;
            foreach ($tasks as $at => $task) {
                foreach ($this->able($task) as $painter) {
                    $best = $this->better($tasks, $best, [$task->id => $painter]);
                }
                foreach (array_slice($tasks, $at + 1) as $other) {
                    [$one, $two] = [$best->of[$task->id], $best->of[$other->id]];
                    if (isset($task->minutes[$two], $other->minutes[$one])) {
                        $best = $this->better($tasks, $best, [$task->id => $two, $other->id => $one]);
                    }
                }
            }
        } while ($best !== $before);

        return $best;
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<array-key, int>  $change painter by task
     */
    private function better(array $tasks, Assignment $than, array $change): Assignment
    {
        $other = Assignment::weigh($tasks, $this->painters, $change + $than->of);

        return $other->isBetterThan($than) ? $other : $than;
    }

    /** @return list<int> ids of painters that may do it */
    private function able(Task $task): array
    {
        return array_values(array_filter(array_map(static fn (PainterRoom $painter): int => $painter->id, $this->painters), static fn (int $id): bool => isset($task->minutes[$id])));
    }
}
