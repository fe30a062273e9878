<?php

declare(strict_types=1);

namespace Core\Assignment;

/**
 * Goes through all ways of giving tasks that can still be better than one that is known: with every further task nobody is less late
 * and nobody less full, so a way that is worse already is left.
 */
final readonly class AssignmentSearch
{
    /**
     * @param  list<Task>  $tasks each of which somebody may do
     * @param  list<PainterRoom>  $painters
     * @param  int  $most ways that are looked at
     */
    public function __construct(
        private array $tasks,
        private array $painters,
        private int $most,
    ) {
    }

    /** The best of all ways, or as good as the one that is known where none is better. */
    public function betterThan(Assignment $known): Found
    {
        [$best, $looked] = $this->go(0, [], $known, 0);

        return new Found($best, $looked < $this->most);
    }

    /**
     * @param  array<array-key, int>  $of painter by task, of the tasks before
     * @return array{Assignment, int} the best so far, and how many ways were looked at
     */
    private function go(int $at, array $of, Assignment $best, int $looked): array
    {
        $here = Assignment::weigh($this->tasks, $this->painters, $of);
        $looked++;
        if ($looked >= $this->most || ! $here->isBetterThan($best)) {
            return [$best, $looked];
        }
        $task = $this->tasks[$at] ?? null;
        if ($task === null) {
            return [$here, $looked];
        }
        foreach ($this->painters as $painter) {
            if (isset($task->minutes[$painter->id])) {
                [$best, $looked] = $this->go($at + 1, [$task->id => $painter->id] + $of, $best, $looked);
            }
        }

        return [$best, $looked];
    }
}
